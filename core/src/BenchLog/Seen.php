<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** How much of a log its author had seen: its beginning, and what they wrote themselves since, on a device without a line. */
final readonly class Seen
{
    /** @param  list<string>  $own ids of entries that were written after the sheet was printed */
    public function __construct(public int $length, private array $own = [])
    {
    }

    public function covers(Entry $entry): bool
    {
        return $entry->seq <= $this->length || in_array($entry->id, $this->own, true);
    }

    /** @throws LogMovedOn If it is more than there is. */
    public function refuseBeyond(Log $log): void
    {
        $this->length <= $log->length() || throw LogMovedOn::neverSoLong();
    }
}

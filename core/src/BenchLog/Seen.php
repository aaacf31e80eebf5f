<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** How much of a log its author had seen: its beginning, and what they wrote themselves since, on a device without a line. */
final readonly class Seen
{
    /**
     * @param  list<string>  $own ids of entries that its author wrote after the sheet was printed
     * @param  string  $by its author: of what others wrote nobody can say that they wrote it
     */
    public function __construct(public int $length, private array $own = [], private string $by = '')
    {
    }

    public function covers(Entry $entry): bool
    {
        return $entry->seq <= $this->length || $entry->by === $this->by && in_array($entry->id, $this->own, true);
    }

    /** @throws LogMovedOn If it is more than there is. */
    public function refuseBeyond(Log $log): void
    {
        $this->length <= $log->length() || throw LogMovedOn::neverSoLong();
    }
}

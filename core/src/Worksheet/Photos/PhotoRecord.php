<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Photos;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;

/** A photo on the sheet, with the pins put on it. */
final readonly class PhotoRecord
{
    /** @param  list<Pin>  $pins in the order they were put */
    private function __construct(
        public string $photo,
        public string $station,
        public ?string $caption,
        public string $entryId,
        public string $by,
        public DateTimeImmutable $at,
        public array $pins = [],
    ) {
    }

    public static function in(Entry $entry, string $photo, string $station, ?string $caption): self
    {
        return new self($photo, $station, $caption, $entry->id, $entry->by, $entry->at);
    }

    public function pinned(Pin $pin): self
    {
        $pins = [...$this->pins, $pin];

        return new self($this->photo, $this->station, $this->caption, $this->entryId, $this->by, $this->at, $pins);
    }
}

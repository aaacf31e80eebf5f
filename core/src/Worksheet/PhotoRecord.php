<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;

/** A photo on the sheet, with the pins put on it. */
final readonly class PhotoRecord
{
    /** @param  list<Pin>  $pins in the order they were put */
    public function __construct(
        public string $photo,
        public string $station,
        public ?string $caption,
        public string $entryId,
        public string $by,
        public DateTimeImmutable $at,
        public array $pins = [],
    ) {
    }

    public function pinned(Pin $pin): self
    {
        return new self($this->photo, $this->station, $this->caption, $this->entryId, $this->by, $this->at, [...$this->pins, $pin]);
    }
}

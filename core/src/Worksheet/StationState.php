<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;

final readonly class StationState
{
    /**
     * @param  DateTimeImmutable|null  $doneAt null while anything is left to do
     * @param  int  $stale how many readings of this station must be taken again
     */
    public function __construct(
        public ?DateTimeImmutable $doneAt,
        public int $stale,
        public int $done,
        public int $of,
        public int $minutes,
    ) {
    }

    /** Done, or nothing to do here. */
    public function isDone(): bool
    {
        return $this->doneAt !== null || $this->of === 0;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clocks;

use DateInterval;
use DateTimeImmutable;

/** A clock that was started on this job. The server's entry says since when; nothing runs in between. */
final readonly class ClockRecord
{
    public const LONGEST_MINUTES = 1440;

    public function __construct(
        public string $entryId,
        public string $clock,
        public string $name,
        public ?string $what,
        public DateTimeImmutable $startedAt,
        public int $minutes,
        public ?DateTimeImmutable $endedAt = null,
    ) {
    }

    public function dueAt(): DateTimeImmutable
    {
        return $this->startedAt->add(new DateInterval("PT{$this->minutes}M"));
    }

    public function ended(DateTimeImmutable $at): self
    {
        return new self($this->entryId, $this->clock, $this->name, $this->what, $this->startedAt, $this->minutes, $at);
    }
}

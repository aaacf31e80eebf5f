<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Waits;

use DateTimeImmutable;

/** A job that lies: for whom or what, since when, and until which day it was promised. */
final readonly class Wait
{
    public function __construct(
        public WaitsFor $for,
        public string $what,
        public DateTimeImmutable $since,
        public ?DateTimeImmutable $until,
    ) {
    }

    /** As in: waiting for a part, fuel pump kit. */
    public function said(): string
    {
        return "{$this->for->label()}, {$this->what}";
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

use DateTimeImmutable;

/** A check valve tried both ways. */
final readonly class ValveTrial
{
    public function __construct(
        public bool $isInBody,
        public bool $holdsVacuum,
        public bool $passesPressure,
        public DateTimeImmutable $at,
    ) {
    }
}

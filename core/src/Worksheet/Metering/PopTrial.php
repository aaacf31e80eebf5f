<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DateTimeImmutable;
use DustyJet\PopOff\PopSeries;

/** One trial of the ledger: the pops, wet or dry, and how many coils were off the spring by then. */
final readonly class PopTrial
{
    public function __construct(
        public PopSeries $series,
        public bool $isWet,
        public float $coilsOff,
        public DateTimeImmutable $at,
        public string $entryId,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DateTimeImmutable;
use DustyJet\Metering\LeverDatum;
use DustyJet\Metering\LeverHeight;

/** A metering lever as it was measured, against what its card asks. Millimetres. */
final readonly class LeverReading
{
    public function __construct(
        public float $measured,
        public float $target,
        public float $tolerance,
        public LeverDatum $datum,
        public LeverHeight $height,
        public DateTimeImmutable $at,
    ) {
    }
}

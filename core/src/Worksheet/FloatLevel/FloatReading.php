<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\FloatLevel;

use DateTimeImmutable;
use DustyJet\FloatLevel\FloatTilt;

/** A float as its gaps were measured, carburetor inverted, needle just closed. Millimetres. */
final readonly class FloatReading
{
    public function __construct(
        public float $front,
        public float $rear,
        public float $length,
        public FloatTilt $tilt,
        public DateTimeImmutable $at,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\FloatLevel;

use DateTimeImmutable;
use DustyJet\FloatLevel\FloatTilt;

/** A float as its gaps were measured, carburetor inverted, needle just closed. Millimetres; gaps are null by a photo. */
final readonly class FloatReading
{
    public function __construct(
        public FloatTilt $tilt,
        public float $length,
        public DateTimeImmutable $at,
        public ?FloatMeasured $gaps = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DustyJet\Metering\MeteringSpring;
use DustyJet\Metering\SpringEnds;
use DustyJet\Metering\SpringMaterial;

/** A metering spring as it was measured: millimetres, coils. */
final readonly class SpringMeasures
{
    public function __construct(
        public float $wire,
        public float $coil,
        public float $activeCoils,
        public float $free,
        public float $installed,
        public SpringEnds $ends,
        public SpringMaterial $material,
    ) {
    }

    /** @throws \DustyJet\Rejected If no such spring can be wound. */
    public function spring(): MeteringSpring
    {
        return new MeteringSpring(
            $this->wire,
            $this->coil,
            $this->activeCoils,
            $this->free,
            $this->installed,
            $this->ends,
            $this->material,
        );
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** What an engine draws at a speed: air, fuel of both circuits, and the pressure behind the throttle. */
final readonly class Flows
{
    /**
     * @param  float  $airKgS all of it
     * @param  float  $leakKgS of that, what came in behind the carburetor
     */
    public function __construct(
        public float $manifoldPa,
        public float $airKgS,
        public float $leakKgS,
        public float $mainKgS,
        public float $idleKgS,
    ) {
    }

    /** Equivalence ratio: 1 is chemically correct, more is rich. */
    public function phi(): float
    {
        return $this->airKgS > 0.0 ? Cylinder::STOICHIOMETRIC * ($this->mainKgS + $this->idleKgS) / $this->airKgS : 0.0;
    }
}

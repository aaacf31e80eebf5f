<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;

/** Book values with where each comes from. */
final readonly class Card
{
    /**
     * @param  array{0: float, 1: float}  $idleRpm
     * @param  array{0: float, 1: float}  $governedRpm
     * @param  array<string, string>  $provenance by value name
     */
    public function __construct(
        public Flow $holdLimit,
        public GaugePressure $test,
        public GaugePressure $stop,
        public array $idleRpm,
        public array $governedRpm,
        public Length $fuelHead,
        public array $provenance,
    ) {
    }
}

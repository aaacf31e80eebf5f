<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;

/** Book values with where each comes from. A family without the test or the engine speed has none of it. */
final readonly class Card
{
    /**
     * @param  Flow  $holdLimit most that may leak past
     * @param  GaugePressure  $test where a hold test starts
     * @param  GaugePressure  $stop where pumping ends
     * @param  array{0: float, 1: float}|null  $idleRpm
     * @param  array{0: float, 1: float}|null  $topRpm
     * @param  string  $top what the top speed is called: governed, or a ceiling
     * @param  Length  $fuelHead that the needle holds back
     * @param  array<string, string>  $provenance by value name
     * @param  bool  $isGoverned whether a governor holds the top speed
     * @param  Drive  $drive what it drives while it idles
     */
    public function __construct(
        public Flow $holdLimit,
        public GaugePressure $test,
        public GaugePressure $stop,
        public ?array $idleRpm,
        public ?array $topRpm,
        public string $top,
        public Length $fuelHead,
        public array $provenance,
        public bool $isGoverned = false,
        public Drive $drive = Drive::Direct,
    ) {
    }

    /** @return array{0: float, 1: float}|null rpm wanted without load; null where no governor holds it */
    public function governedRpm(): ?array
    {
        return $this->isGoverned ? $this->topRpm : null;
    }
}

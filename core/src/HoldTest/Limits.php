<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;

/** What the joint is judged by, and what it really sees on the machine. */
final readonly class Limits
{
    /** Used where the card gives none: from memory, at 5 psi. */
    public const DEFAULT_ML_PER_MIN = 0.6;

    /**
     * @param  Flow  $leak the most that may leak
     * @param  GaugePressure  $working what the needle holds back in use: gravity head or pump delivery
     * @param  float  $temperatureDriftKelvin how far the room may have moved during the test
     */
    public function __construct(
        public Flow $leak,
        public GaugePressure $working,
        public float $temperatureDriftKelvin = 0.0,
    ) {
    }

    public static function ofLeak(Flow $leak): self
    {
        return new self($leak, GravityHead::typical());
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\Duration;
use DustyJet\Quantity\GaugePressure;

/** What a hold test says, with its uncertainty. Flows are at the settled start. */
final readonly class HoldResult
{
    /**
     * @param  Duration  $settledFrom when the settling has died away on the chart; it is never counted as a leak
     * @param  GaugePressure  $start the leak's own pressure when settled; negative for a vacuum
     * @param  Duration|null  $tau time constant of the fall at the settled start; null when tight
     * @param  GaugePressure|null  $plateau where it comes to rest, when it holds below
     * @param  Duration|null  $watchMore how much longer to watch; null when decided
     * @param  float  $margin how many times the working pressure the test pressure was
     */
    public function __construct(
        public HoldModel $model,
        public LeakShape $shape,
        public Verdict $verdict,
        public Duration $settledFrom,
        public GaugePressure $start,
        public ?Duration $tau,
        public ?GaugePressure $plateau,
        public LeakFound $leak,
        public ?Duration $watchMore,
        public float $margin,
        public float $noiseKilopascals,
        public FittedTrace $fitted,
    ) {
    }
}

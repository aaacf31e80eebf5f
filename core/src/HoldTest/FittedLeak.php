<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Numerics\Fit;
use DustyJet\Quantity\Flow;

/** @internal one leak shape with its best fit and the ends of its profile */
final readonly class FittedLeak
{
    public function __construct(
        public LeakShape $shape,
        public HoldCurve $curve,
        public Fit $fit,
        public Fit $low,
        public Fit $high,
        public float $aicc,
    ) {
    }

    public function pressureAt(float $seconds): float
    {
        return $this->curve->withoutSettling($this->fit->parameters, [$seconds])[0];
    }

    public function flowAt(float $seconds, Rig $rig): Flow
    {
        return $this->flow($this->fit, $seconds, $rig);
    }

    public function lowFlowAt(float $seconds, Rig $rig): Flow
    {
        return $this->flow($this->low, $seconds, $rig);
    }

    public function highFlowAt(float $seconds, Rig $rig): Flow
    {
        return $this->flow($this->high, $seconds, $rig);
    }

    private function flow(Fit $fit, float $seconds, Rig $rig): Flow
    {
        $pressure = $this->curve->withoutSettling($fit->parameters, [$seconds])[0];

        return Flow::fromPressureChange(
            $rig->volume,
            1000.0 * $this->curve->leakRateAt($pressure, $fit->parameters[0], $fit->parameters[1]),
        );
    }
}

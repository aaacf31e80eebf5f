<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** Minutes and money that belong to no single fault. */
final readonly class Costs
{
    public function __construct(
        public float $verifyMinutes,
        public int $shopRateCentsPerHour,
        public int $kitCents,
        public int $carburetorCents,
        public float $rebuildMinutes,
        public float $replaceMinutes,
        public int $comeBackCents,
        public float $replacementFails,
        public float $rebuildFails,
    ) {
    }

    /** The same, where nobody strips a carburetor for all that may be in it. */
    public function withoutKit(): self
    {
        return new self(
            $this->verifyMinutes,
            $this->shopRateCentsPerHour,
            $this->kitCents,
            $this->carburetorCents,
            INF,
            $this->replaceMinutes,
            $this->comeBackCents,
            $this->replacementFails,
            $this->rebuildFails,
        );
    }

    /**
     * When nothing of the plan was it: another carburetor and its fitting, and one come-back, as minutes of the shop.
     */
    public function lastResortMinutes(): float
    {
        $perMinute = $this->shopRateCentsPerHour / 60.0;

        return $this->replaceMinutes
            + ($this->carburetorCents + $this->comeBackCents) / $perMinute;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** Minutes and money that belong to no single fault. */
final readonly class Costs
{
    public function __construct(
        public float $verifyMinutes,
        public float $lastResortMinutes,
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
}

<?php

declare(strict_types=1);

namespace App\View\Charts;

use DustyJet\Mixture\MixtureReading;
use DustyJet\Worksheet\Screws\AdjusterState;

/** How much of turns and speed a mixture run needs on paper: all readings, the book and the speeds wanted. */
final readonly class MixtureRange
{
    private const SPARE_TURNS = 0.3;

    private const SPARE_RPM = 40.0;

    private function __construct(
        public float $fromTurns,
        public float $toTurns,
        public float $lowRpm,
        public float $highRpm,
    ) {
    }

    /** @param  array{0: float, 1: float}  $band of speeds wanted, rpm */
    public static function of(AdjusterState $state, array $band): self
    {
        $turns = array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), $state->readings);
        $turns[] = $state->adjuster->book->turns->inTurns();
        $rpm = array_filter(array_map(static fn (MixtureReading $r): float => $r->rpm(), $state->readings));
        $rpm = [...$rpm, ...$band];

        return new self(
            max(0.0, floor((min($turns) - self::SPARE_TURNS) * 4.0) / 4.0),
            ceil((max($turns) + self::SPARE_TURNS) * 4.0) / 4.0,
            floor((min($rpm) - self::SPARE_RPM) / 100.0) * 100.0,
            ceil((max($rpm) + self::SPARE_RPM) / 100.0) * 100.0,
        );
    }
}

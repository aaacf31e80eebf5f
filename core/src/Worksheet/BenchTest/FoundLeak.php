<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

/** The leak of a hold test with its interval, and what kind of hole would pass it. */
final readonly class FoundLeak
{
    private function __construct(
        public float $mlMin,
        public float $lowMlMin,
        public float $highMlMin,
        public ?float $plateauKpa,
        public ?float $tauS,
        public ?float $holeUm,
    ) {
    }

    public static function of(StoredNumbers $result): self
    {
        return new self(
            $result->number('leak_ml_min'),
            $result->number('leak_low_ml_min'),
            $result->number('leak_high_ml_min'),
            $result->numberOrNull('plateau_kpa'),
            $result->numberOrNull('tau_s'),
            $result->numberOrNull('hole_um'),
        );
    }
}

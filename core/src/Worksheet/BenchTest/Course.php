<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

/** From where to where a hold test went. */
final readonly class Course
{
    private function __construct(
        public float $startKpa,
        public float $endKpa,
        public float $durationS,
        public float $settledFromS,
    ) {
    }

    public static function of(StoredNumbers $result): self
    {
        return new self(
            $result->number('start_kpa'),
            $result->number('end_kpa'),
            $result->number('duration_s'),
            $result->number('settled_from_s'),
        );
    }
}

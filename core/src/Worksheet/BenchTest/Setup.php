<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\Payload;

/** What a hold test was taken with. */
final readonly class Setup
{
    private function __construct(
        public string $traceId,
        public bool $isVacuum,
        public Arrangement $arranged,
        public float $volumeMl,
        public float $volumeKnownToPercent,
        public float $limitMlMin,
    ) {
    }

    /** @throws \DustyJet\BenchLog\UnreadableEntry If a number is beyond reason. */
    public static function of(Payload $payload): self
    {
        $volume = $payload->number('volume_ml');
        $knownTo = $payload->numberOrNull('volume_u_percent') ?? 0.0;
        $limit = $payload->number('limit_ml_min');
        StoredNumbers::refuseWild([$volume, $knownTo, $limit], 'volume_ml, volume_u_percent and limit_ml_min');
        $isVacuum = $payload->text('method') === 'vacuum';

        return new self($payload->text('trace'), $isVacuum, Arrangement::of($payload), $volume, $knownTo, $limit);
    }
}

<?php

declare(strict_types=1);

namespace App\View\Charts;

use DustyJet\HoldTest\PressureTrace;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** The curves of a hold test: its fit with the band, looked a fifth ahead, and a leak of just the limit. */
final readonly class StripCurves
{
    /** Of the grid: the readings end here, the look ahead at the last. */
    public const END = 15;

    private const POINTS = 18;

    /**
     * @param  list<float>  $grid seconds
     * @param  array{best: list<float>, low: list<float>, high: list<float>}  $fit kPa on the grid
     * @param  list<float>  $limitAt seconds
     * @param  list<float>  $limit kPa
     * @param  non-empty-list<float>  $seen kPa, all that must be on the paper
     */
    private function __construct(
        public float $durationS,
        public float $fromS,
        public array $grid,
        public array $fit,
        public array $limitAt,
        public array $limit,
        public array $seen,
    ) {
    }

    public static function of(HoldRecord $hold, PressureTrace $trace): self
    {
        $duration = max(1.0, $trace->durationSeconds());
        $from = min($hold->outcome->course->settledFromS, 0.8 * $duration);
        $point = static fn (int $i): float => $duration * $i / self::END;
        $grid = array_map($point, range(0, self::POINTS));
        $fit = $hold->outcome->fitted->at($grid);
        $limitAt = [$from, 0.5 * ($from + $duration), $duration];
        $limit = self::limit($hold, $from, $limitAt);
        $seen = [...$trace->kilopascals, ...$limit, ...array_slice($fit['best'], 0, self::END + 1)];

        return new self($duration, $from, $grid, $fit, $limitAt, $limit, $seen);
    }

    /**
     * A linear leak of just the limit, from where the test had settled.
     *
     * @param  non-empty-list<float>  $at seconds
     *
     * @return non-empty-list<float> kPa
     */
    private static function limit(HoldRecord $hold, float $from, array $at): array
    {
        $flow = Flow::ofMillilitresPerMinute($hold->setup->limitMlMin);
        $volume = Volume::ofMillilitres($hold->setup->volumeMl);
        $rate = $flow->asPressureChangeOf($volume) / 1000.0;
        $level = abs($hold->outcome->course->startKpa);
        $left = static fn (float $t): float => $level * exp(-$rate / max(0.1, $level) * ($t - $from));

        return array_map(static fn (float $t): float => max(0.0, $left($t)), $at);
    }
}

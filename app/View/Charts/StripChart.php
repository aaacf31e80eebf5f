<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\HoldRecord;

/** A hold test on paper: readings, the fit with its band, and where a leak of just the limit would run. */
final readonly class StripChart
{
    private const MOST_POINTS = 160;

    private const LEFT = 30.0;

    private const TOP = 8.0;

    /**
     * @param  list<array{x: float, y: float, early: bool}>  $points
     * @param  list<array{y: float, text: string}>  $levels
     * @param  list<array{x: float, text: string}>  $times
     * @param  list<array{t: string, p: string}>  $table readings for the table of points
     */
    private function __construct(
        public int $width,
        public int $height,
        public float $right,
        public float $bottom,
        public string $unit,
        public array $points,
        public string $fit,
        public string $ahead,
        public string $band,
        public string $limit,
        public float $settleWidth,
        public array $levels,
        public array $times,
        public float $endX,
        public float $endY,
        public string $endText,
        public string $endTime,
        public float $endLabelY,
        public float $limitLabelY,
        public string $limitText,
        public array $table,
        public string $label,
    ) {
    }

    public static function wide(HoldRecord $hold, PressureTrace $trace): self
    {
        return self::draw($hold, $trace, 452, 121, 62.0, 20.0);
    }

    public static function narrow(HoldRecord $hold, PressureTrace $trace): self
    {
        return self::draw($hold, $trace, 352, 170, 62.0, 20.0);
    }

    private static function draw(HoldRecord $hold, PressureTrace $trace, int $width, int $height, float $marginRight, float $marginBottom): self
    {
        $unit = $hold->isVacuum ? PressureUnit::InchOfMercury : PressureUnit::Psi;
        $per = $unit->pascals() / 1000.0;
        $duration = max(1.0, $trace->durationSeconds());
        $right = $width - $marginRight;
        $bottom = $height - $marginBottom;
        $grid = array_map(static fn (int $i): float => $duration * 1.2 * $i / 60, range(0, 60));
        $lines = $hold->fitted->at($grid);
        $rate = Flow::ofMillilitresPerMinute($hold->limitMlMin)->asPressureChangeOf(Volume::ofMillilitres($hold->volumeMl)) / 1000.0;
        $from = min($hold->settledFromS, 0.8 * $duration);
        $level = abs($hold->startKpa);
        $limit = array_map(static fn (float $t): float => max(0.0, $level * exp(-$rate / max(0.1, $level) * ($t - $from))), [$from, 0.5 * ($from + $duration), $duration]);
        $all = [...$trace->kilopascals, ...$limit, ...array_slice($lines['best'], 0, 51)];
        [$low, $high, $step] = self::scale(min($all) / $per, max($all) / $per, $height > 150 ? 4 : 3);
        $x = static fn (float $t): float => round(self::LEFT + ($right - self::LEFT) * $t / ($duration * 1.2), 1);
        $y = static fn (float $kpa): float => round($bottom - ($bottom - self::TOP) * max(-0.02, min(1.02, ($kpa / $per - $low) / ($high - $low))), 1);
        $path = static fn (array $ts, array $ps): string => 'M'.implode('L', array_map(static fn (float $t, float $p): string => $x($t).' '.$y($p), $ts, $ps));
        $measured = array_values(array_filter($grid, static fn (float $t): bool => $t >= $from && $t <= $duration + 1e-6));
        $offset = count(array_filter($grid, static fn (float $t): bool => $t < $from));
        $span = count($measured);
        $pick = static fn (array $values): array => array_slice($values, $offset, $span);
        $last = $lines['best'][50];
        $said = ($hold->isVacuum ? 'Vacuum' : 'Pressure').' against time: '.Numbers::plain($level / $per, 1)." {$unit->symbol()} falling to ".Numbers::plain(abs($hold->endKpa) / $per, 1).' in '.Numbers::seconds($duration).', fitted leak '.Numbers::flow($hold->leakMlMin).' cc per minute, limit '.Numbers::flow($hold->limitMlMin);

        return new self(
            width: $width,
            height: $height,
            right: $right,
            bottom: $bottom,
            unit: $unit->symbol(),
            points: self::points($trace, $hold, $x, $y),
            fit: $measured === [] ? '' : $path($measured, $pick($lines['best'])),
            ahead: $path(array_slice($grid, 50), array_slice($lines['best'], 50)),
            band: $measured === [] ? '' : $path($measured, $pick($lines['low'])).'L'.substr($path(array_reverse($measured), array_reverse($pick($lines['high']))), 1).'Z',
            limit: $path([$from, 0.5 * ($from + $duration), $duration], $limit),
            settleWidth: max(0.0, $x($hold->settledFromS) - self::LEFT),
            levels: array_map(static fn (float $v): array => ['y' => $y($v * $per), 'text' => Numbers::plain($v, $step < 1.0 ? 1 : 0)], range($low, $high + $step / 10, $step)),
            times: self::times($duration, $x),
            endX: $x($duration),
            endY: $y($last),
            endText: Numbers::plain(abs($hold->endKpa) / $per, $hold->isVacuum ? 1 : 2),
            endTime: Numbers::seconds($duration),
            endLabelY: self::apart($y($last) + 8.0, $y($limit[2]), $bottom - 6.0),
            limitLabelY: max(14.0, $y($limit[2]) + 4.0),
            limitText: Numbers::plain($limit[2] / $per, 1),
            table: array_map(static fn (float $t, float $k): array => ['t' => Numbers::plain($t, 1), 'p' => Numbers::plain($k / $per, 2)], array_slice($trace->seconds, 0, self::MOST_POINTS), array_slice($trace->kilopascals, 0, self::MOST_POINTS)),
            label: $said,
        );
    }

    /**
     * @param  callable(float): float  $x
     * @param  callable(float): float  $y
     *
     * @return list<array{x: float, y: float, early: bool}>
     */
    private static function points(PressureTrace $trace, HoldRecord $hold, callable $x, callable $y): array
    {
        $every = (int) max(1, ceil($trace->count() / self::MOST_POINTS));
        $points = [];
        foreach ($trace->seconds as $i => $t) {
            if ($i % $every === 0) {
                $points[] = ['x' => $x($t), 'y' => $y($trace->kilopascals[$i]), 'early' => $t < $hold->settledFromS];
            }
        }

        return $points;
    }

    /** Two labels on one edge must not lie on each other. */
    private static function apart(float $wanted, float $other, float $lowest): float
    {
        return min($lowest, abs($wanted - $other) < 20.0 ? $other + 22.0 : $wanted);
    }

    /** @return array{0: float, 1: float, 2: float} low, high and step, on round numbers */
    private static function scale(float $low, float $high, int $steps): array
    {
        $high = min(10000.0, $high);
        $span = max(0.2, $high - $low);
        foreach ([0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 50.0, 500.0, 5000.0] as $step) {
            if ($span / $step <= $steps) {
                break;
            }
        }
        $bottom = max(0.0, floor($low / $step) * $step);

        return [$bottom, max($bottom + $step, ceil($high / $step) * $step), $step];
    }

    /**
     * @param  callable(float): float  $x
     *
     * @return list<array{x: float, text: string}>
     */
    private static function times(float $duration, callable $x): array
    {
        $step = 1.0;
        foreach ([2.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 300.0, 600.0, 1200.0] as $step) {
            if ($duration / $step <= 5.0) {
                break;
            }
        }
        $times = [];
        for ($i = 0; $i * $step <= $duration + 1e-6; $i++) {
            $times[] = ['x' => $x($i * $step), 'text' => $step >= 60.0 ? ($i * $step / 60).($i === 0 ? ' min' : '') : ($i * $step).($i === 0 ? ' s' : '')];
        }

        return $times;
    }
}

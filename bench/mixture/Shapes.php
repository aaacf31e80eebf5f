<?php

declare(strict_types=1);

namespace Bench\Mixture;

use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\RunCurve;
use DustyJet\Mixture\SpeedCurve;
use DustyJet\Numerics\Chance;
use DustyJet\Numerics\LinearSystem;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

/**
 * Peaks of curves of several families, read at seven settings a quarter turn apart: how far off their middle is, beside one
 * parabola on one axis.
 */
final readonly class Shapes
{
    private const TOP_RPM = 1800.0;

    /** @return array<string, callable(float, float): float> rpm lost at turns, with the peak there */
    public static function families(): array
    {
        return [
            'even in turns' => static fn (float $t, float $p): float => 400.0 * ($t - $p) ** 2,
            'even in their root' => static fn (float $t, float $p): float => 2000.0 * (sqrt($t) - sqrt($p)) ** 2,
            'even in their logarithm' => static fn (float $t, float $p): float => 900.0 * log($t / $p) ** 2,
            'three times as steep lean' => static fn (float $t, float $p): float => 300.0 * ($t - $p) ** 2 * ($t < $p ? 3.0 : 1.0),
            'pointed' => static fn (float $t, float $p): float => 250.0 * abs($t - $p) ** 1.5,
            'with a flat top' => static fn (float $t, float $p): float => 500.0 * ($t - $p) ** 4,
        ];
    }

    /**
     * @param  callable(float, float): float  $drop
     *
     * @return array{belief: float, logarithm: float, turns: float, covered: float} mean error in turns, share of intervals
     */
    public static function off(callable $drop, Chance $chance, int $runs): array
    {
        $sums = ['belief' => 0.0, 'logarithm' => 0.0, 'turns' => 0.0, 'covered' => 0.0];
        for ($run = 0; $run < $runs; $run++) {
            $peak = $chance->between(1.0, 2.2);
            $x = array_map(static fn (int $i): float => round($peak * 8.0) / 8.0 + $i / 4.0, range(-3, 3));
            $y = array_map(
                static fn (float $t): float => max(300.0, self::TOP_RPM - $drop($t, $peak)) + 15.0 * $chance->gaussian(),
                $x,
            );
            $readings = array_map(
                static fn (float $t, float $rpm): MixtureReading => new MixtureReading(
                    Turns::nearestTo($t), RotationalSpeed::ofRpm($rpm),
                ),
                $x,
                $y,
            );
            $found = RunCurve::through($readings, new MixtureScrew, static fn (SpeedCurve $c): float => $c->peak)?->peak();
            if ($found !== null) {
                $sums['belief'] += ($found->turns - $peak) / $runs;
                $sums['covered'] += $found->low <= $peak && $peak <= $found->high ? 1.0 / $runs : 0.0;
            }
            $sums['logarithm'] += (exp(self::parabola(array_map(log(...), $x), $y)) - $peak) / $runs;
            $sums['turns'] += (self::parabola($x, $y) - $peak) / $runs;
        }

        return $sums;
    }

    /**
     * Where one parabola through what is near the best is highest.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function parabola(array $x, array $y): float
    {
        $near = array_keys(array_filter($y, static fn (float $rpm): bool => $rpm >= 0.8 * max([0.0, ...$y])));
        $sums = array_fill(0, 5, 0.0);
        $right = [0.0, 0.0, 0.0];
        foreach ($near as $i) {
            foreach (array_keys($sums) as $power) {
                $sums[$power] += $x[$i] ** $power;
            }
            foreach (array_keys($right) as $power) {
                $right[$power] += $y[$i] * $x[$i] ** $power;
            }
        }
        $normal = array_map(static fn (int $row): array => array_slice($sums, $row, 3), [0, 1, 2]);
        $c = LinearSystem::solve($normal, $right) ?? [0.0, 0.0, -1.0];

        return -$c[1] / (2.0 * $c[2]);
    }
}

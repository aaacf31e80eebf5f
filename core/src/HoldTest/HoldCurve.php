<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Numerics\Curve;

/**
 * A hold test's pressure: a tight, leaking or plateauing part plus the settling A exp(-t/ts) of air that cools and
 * hoses that creep.
 *
 * Parameters: tight [p0, A, ln ts]; leak [p0, rate at p0, A, ln ts]; plateau [p_inf, drop, ln tau, A, ln ts].
 *
 * @internal kPa and seconds
 */
final readonly class HoldCurve implements Curve
{
    private function __construct(private HoldModel $model, private ?LeakLaw $law)
    {
    }

    public static function tight(): self
    {
        return new self(HoldModel::Tight, null);
    }

    public static function leak(LeakLaw $law): self
    {
        return new self(HoldModel::Leak, $law);
    }

    public static function plateau(): self
    {
        return new self(HoldModel::HoldsBelow, null);
    }

    public function values(array $parameters, array $x): array
    {
        $values = $this->withoutSettling($parameters, $x);
        $n = count($parameters);
        [$a, $ts] = [$parameters[$n - 2], exp($parameters[$n - 1])];
        if ($a !== 0.0) {
            foreach ($x as $i => $t) {
                if ($t > 40.0 * $ts) {
                    break;
                }
                $values[$i] += $a * exp(-$t / $ts);
            }
        }

        return array_values($values);
    }

    public function valuesAndSlopes(array $parameters, array $x): array
    {
        $values = $this->withoutSettling($parameters, $x);
        $slopes = match ($this->model) {
            HoldModel::Tight => [array_fill(0, count($x), 1.0)],
            HoldModel::Leak => $this->leakSlopes($parameters, $x, $values),
            HoldModel::HoldsBelow => $this->plateauSlopes($parameters, $x),
        };
        $n = count($parameters);
        [$a, $ts] = [$parameters[$n - 2], exp($parameters[$n - 1])];
        $shape = $stretch = [];
        $settled = [];
        foreach ($x as $i => $t) {
            $e = exp(-$t / $ts);
            $shape[] = $e;
            $stretch[] = $a * $e * $t / $ts;
            $settled[] = $values[$i] + $a * $e;
        }

        return [$settled, [...$slopes, $shape, $stretch]];
    }

    /**
     * The leak alone, without the settling.
     *
     * @param  list<float>  $parameters
     * @param  list<float>  $x
     *
     * @return list<float>
     */
    public function withoutSettling(array $parameters, array $x): array
    {
        if ($this->law !== null) {
            $k = $parameters[1] / $this->law->rate($parameters[0]);

            return $this->law->after($parameters[0], array_map(static fn (float $t): float => $k * $t, $x));
        }
        if ($this->model === HoldModel::Tight) {
            return array_fill(0, count($x), $parameters[0]);
        }
        [$floor, $drop, $tau] = [$parameters[0], $parameters[1], exp($parameters[2])];

        return array_map(static fn (float $t): float => $floor + $drop * exp(-$t / $tau), $x);
    }

    /** How fast the leak alone falls at a pressure, in kPa/s, for a leak of the given parameters. */
    public function leakRateAt(float $p, float $p0, float $rateAtStart): float
    {
        return $this->law === null ? 0.0 : $rateAtStart * $this->law->rate($p) / $this->law->rate($p0);
    }

    /**
     * @param  list<float>  $parameters
     * @param  list<float>  $x
     * @param  list<float>  $pressures of the leak alone
     *
     * @return list<list<float>>
     */
    private function leakSlopes(array $parameters, array $x, array $pressures): array
    {
        \assert($this->law !== null);
        [$p0, $rate] = $parameters;
        $f0 = $this->law->rate($p0);
        $bend = ($this->law->rate($p0 * 1.0001) - $this->law->rate($p0 * 0.9999)) / ($p0 * 0.0002);
        $byStart = $byRate = [];
        $elapsed = array_map(static fn (float $t): float => $rate / $f0 * $t, $x);
        foreach ($this->law->rates($p0, $elapsed, $pressures) as $i => $f) {
            $byStart[] = $f / $f0 * (1.0 + $x[$i] * $rate * $bend / $f0);
            $byRate[] = -$x[$i] * $f / $f0;
        }

        return [$byStart, $byRate];
    }

    /**
     * @param  list<float>  $parameters
     * @param  list<float>  $x
     *
     * @return list<list<float>>
     */
    private function plateauSlopes(array $parameters, array $x): array
    {
        [, $drop, $logTau] = $parameters;
        $tau = exp($logTau);
        $byDrop = $byTau = [];
        foreach ($x as $t) {
            $e = exp(-$t / $tau);
            $byDrop[] = $e;
            $byTau[] = $drop * $e * $t / $tau;
        }

        return [array_fill(0, count($x), 1.0), $byDrop, $byTau];
    }
}

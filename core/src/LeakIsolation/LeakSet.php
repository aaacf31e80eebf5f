<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

use DustyJet\Numerics\CholeskyFactor;
use DustyJet\Numerics\NonNegativeLeastSquares;
use DustyJet\Numerics\PositiveNormal;

/**
 * The joints that leak, supposed: how well that fits the tests, and how much each then leaks.
 *
 * Leak flows add, so what was measured is linear in them; before anything is measured a flow is half-normal. What is
 * left after the tests is a normal distribution cut off below zero, kept as weighted points.
 */
final readonly class LeakSet
{
    /** What an outcome that is not explained counts as: five standard deviations. */
    private const WRONG_OUTCOME = 25.0;

    /**
     * @param  list<string>  $joints at most three
     * @param  float  $logWeight of the supposition with everything tested; before the flows are cut off below zero, the
     *     most it can be
     * @param  float  $misfit chi-squared at the flows that fit best, and more for an outcome it does not explain
     * @param  list<float>  $mean of the flows before they are cut off
     * @param  list<array{at: list<float>, weight: float}>  $points flows in the order of the joints, ml/min
     * @param  array<string, float>  $means what is expected of each joint's flow, ml/min
     */
    private function __construct(
        public array $joints,
        public float $logWeight,
        public float $misfit,
        private array $mean,
        private CholeskyFactor $precision,
        public array $points = [],
        public array $means = [],
    ) {
    }

    /**
     * @param  list<string>  $joints
     * @param  float  $scale ml/min: standard deviation of the half-normal, about the largest flow there is
     */
    public static function supposed(array $joints, LeakCase $case, float $scale): self
    {
        $prior = $seen = $wrong = 0.0;
        foreach ($case->joints as $joint => $chance) {
            $prior += log(in_array((string) $joint, $joints, true) ? $chance : 1.0 - $chance);
        }
        foreach ($case->soap as $soap) {
            $seen += $soap->logChance($joints);
        }
        $rows = $right = [];
        foreach ($case->pressure as $test) {
            $under = array_map(static fn (string $j): float => $test->holds($j) ? 1.0 : 0.0, $joints);
            $measured = $test->at($case->kilopascals());
            if ($measured === null) {
                $chance = $test->outcome->chance(array_sum($under) > 0.0);
                $seen += log($chance);
                $wrong += $chance < 0.5 ? self::WRONG_OUTCOME : 0.0;
            } else {
                $rows[] = array_map(static fn (float $u): float => $u / $measured['sigma'], $under);
                $right[] = $measured['flow'] / $measured['sigma'];
            }
        }
        [$evidence, $mean, $precision] = self::flows($rows, $right, count($joints), $scale);
        $misfit = self::misfit($rows, $right) + $wrong;

        return new self($joints, $prior + $seen + $evidence, $misfit, $mean, $precision);
    }

    /** With its flows, none below zero. */
    public function cutOff(): self
    {
        $flows = PositiveNormal::around($this->mean, $this->precision);
        $weight = $this->logWeight + log(max($flows->share, 1e-12));

        return new self(
            $this->joints,
            $weight,
            $this->misfit,
            $this->mean,
            $this->precision,
            $flows->points,
            $this->means($flows->points),
        );
    }

    /** Whether cutting off takes little away. */
    public function isPositive(): bool
    {
        return min([0.0, ...$this->mean]) >= 0.0;
    }

    /**
     * @param  list<array{at: list<float>, weight: float}>  $points
     *
     * @return array<string, float>
     */
    private function means(array $points): array
    {
        $means = array_fill_keys($this->joints, 0.0);
        foreach ($points as $point) {
            foreach ($this->joints as $i => $joint) {
                $means[$joint] += $point['weight'] * $point['at'][$i];
            }
        }

        return $means;
    }

    /**
     * @param  list<list<float>>  $rows in standard deviations of each test
     * @param  list<float>  $right
     */
    private static function misfit(array $rows, array $right): float
    {
        $fit = NonNegativeLeastSquares::solve($rows, $right);
        $sum = 0.0;
        foreach ($rows as $t => $row) {
            $sum += ($right[$t] - self::dot($row, $fit)) ** 2;
        }

        return $sum;
    }

    /**
     * @param  list<list<float>>  $rows in standard deviations of each test
     * @param  list<float>  $right
     *
     * @return array{0: float, 1: list<float>, 2: CholeskyFactor} logarithm of the evidence, the flows' mean and precision
     */
    private static function flows(array $rows, array $right, int $n, float $scale): array
    {
        $precision = $toward = [];
        for ($i = 0; $i < $n; $i++) {
            $toward[] = self::dot(array_column($rows, $i), $right);
            for ($j = 0; $j < $n; $j++) {
                $precision[$i][$j] = self::dot(array_column($rows, $i), array_column($rows, $j))
                    + ($i === $j ? $scale ** -2 : 0.0);
            }
        }
        $factor = CholeskyFactor::of($precision);
        $mean = $factor->solve($toward);
        $evidence = 0.5 * (self::dot($toward, $mean) - self::dot($right, $right) - $factor->logDeterminant())
            + $n * (M_LN2 - log($scale));

        return [$evidence, $mean, $factor];
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * Least |Ax - b| with no x below zero: Lawson and Hanson, Solving Least Squares Problems (1974), algorithm NNLS.
 *
 * @internal a few unknowns
 */
final readonly class NonNegativeLeastSquares
{
    private const TOLERANCE = 1e-10;

    /**
     * @param  list<list<float>>  $rows of A
     * @param  list<float>  $right b
     */
    private function __construct(private array $rows, private array $right)
    {
    }

    /**
     * @param  list<list<float>>  $rows of A, each as long as there are unknowns
     * @param  list<float>  $right b
     *
     * @return list<float>
     */
    public static function solve(array $rows, array $right): array
    {
        return $rows === [] ? [] : (new self($rows, $right))->solution();
    }

    /** @return list<float> */
    private function solution(): array
    {
        $n = count($this->rows[0]);
        $x = array_fill(0, $n, 0.0);
        $free = [];
        for ($round = 0; $round < 3 * $n; $round++) {
            $enters = $this->steepest($x, $free);
            if ($enters === null) {
                break;
            }
            $free[] = $enters;
            sort($free);
            [$x, $free] = $this->settled($x, $free);
        }

        return array_values($x);
    }

    /**
     * The unknown at zero whose growth lessens the misfit most.
     *
     * @param  array<int, float>  $x
     * @param  list<int>  $free
     */
    private function steepest(array $x, array $free): ?int
    {
        $best = self::TOLERANCE;
        $enters = null;
        foreach (array_keys($x) as $j) {
            $slope = 0.0;
            foreach ($this->rows as $i => $row) {
                $slope += $row[$j] * ($this->right[$i] - self::dot($row, $x));
            }
            if ($slope > $best && ! in_array($j, $free, true)) {
                [$best, $enters] = [$slope, $j];
            }
        }

        return $enters;
    }

    /**
     * The free unknowns at their least squares, each that would fall below zero fixed there first.
     *
     * @param  array<int, float>  $x
     * @param  list<int>  $free
     *
     * @return array{0: array<int, float>, 1: list<int>}
     */
    private function settled(array $x, array $free): array
    {
        while ($free !== []) {
            $wanted = $this->unbounded($free);
            if ($wanted === null) {
                // Two unknowns that nothing tells apart: the newcomer adds nothing.
                return [$x, array_slice($free, 0, -1)];
            }
            $step = 1.0;
            foreach ($free as $k => $j) {
                $step = $wanted[$k] <= 0.0 ? min($step, $x[$j] / max($x[$j] - $wanted[$k], 1e-300)) : $step;
            }
            foreach ($free as $k => $j) {
                $x[$j] += $step * ($wanted[$k] - $x[$j]);
            }
            $stays = array_values(array_filter($free, static fn (int $j): bool => $x[$j] > self::TOLERANCE));
            if (count($stays) === count($free)) {
                return [$x, $free];
            }
            foreach (array_diff($free, $stays) as $j) {
                $x[$j] = 0.0;
            }
            $free = $stays;
        }

        return [$x, $free];
    }

    /**
     * @param  list<int>  $free
     *
     * @return list<float>|null
     */
    private function unbounded(array $free): ?array
    {
        $matrix = $right = [];
        foreach ($free as $a => $j) {
            $right[$a] = 0.0;
            foreach ($free as $b => $k) {
                $matrix[$a][$b] = 0.0;
                foreach ($this->rows as $row) {
                    $matrix[$a][$b] += $row[$j] * $row[$k];
                }
            }
            foreach ($this->rows as $i => $row) {
                $right[$a] += $row[$j] * $this->right[$i];
            }
        }

        return LinearSystem::solve($matrix, $right);
    }

    /**
     * @param  list<float>  $row
     * @param  array<int, float>  $x
     */
    private static function dot(array $row, array $x): float
    {
        $sum = 0.0;
        foreach ($row as $j => $a) {
            $sum += $a * $x[$j];
        }

        return $sum;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/** @internal small dense systems, at most about ten unknowns */
final readonly class LinearSystem
{
    /**
     * Gaussian elimination with partial pivoting.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @param  array<int, float>  $right
     *
     * @return list<float>|null null when the matrix is singular to working precision
     */
    public static function solve(array $matrix, array $right): ?array
    {
        $n = count($right);
        for ($column = 0; $column < $n; $column++) {
            $pivot = self::largestBelow($matrix, $column, $n);
            if (abs($matrix[$pivot][$column]) < 1e-300) {
                return null;
            }
            [$matrix[$column], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$column]];
            [$right[$column], $right[$pivot]] = [$right[$pivot], $right[$column]];
            for ($row = $column + 1; $row < $n; $row++) {
                $factor = $matrix[$row][$column] / $matrix[$column][$column];
                for ($k = $column; $k < $n; $k++) {
                    $matrix[$row][$k] -= $factor * $matrix[$column][$k];
                }
                $right[$row] -= $factor * $right[$column];
            }
        }

        return self::substituteBack($matrix, $right);
    }

    /** @param  array<int, array<int, float>>  $matrix */
    private static function largestBelow(array $matrix, int $column, int $n): int
    {
        $pivot = $column;
        for ($row = $column + 1; $row < $n; $row++) {
            if (abs($matrix[$row][$column]) > abs($matrix[$pivot][$column])) {
                $pivot = $row;
            }
        }

        return $pivot;
    }

    /**
     * @param  array<int, array<int, float>>  $upper
     * @param  array<int, float>  $right
     *
     * @return list<float>
     */
    private static function substituteBack(array $upper, array $right): array
    {
        $n = count($right);
        $solution = array_fill(0, $n, 0.0);
        for ($row = $n - 1; $row >= 0; $row--) {
            $sum = $right[$row];
            for ($k = $row + 1; $k < $n; $k++) {
                $sum -= $upper[$row][$k] * $solution[$k];
            }
            $solution[$row] = $sum / $upper[$row][$row];
        }

        return array_values($solution);
    }
}

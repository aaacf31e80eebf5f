<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * Weighted least squares of a polynomial, with the covariance of its coefficients for unit variance.
 *
 * @internal x should be centred and of order one
 */
final readonly class WeightedPolynomial
{
    /**
     * @param  list<float>  $coefficients lowest power first
     * @param  list<list<float>>  $covariance of the coefficients, to be multiplied by the variance of one reading
     */
    private function __construct(public array $coefficients, public array $covariance)
    {
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $weights
     *
     * @return self|null null when the points do not determine the polynomial
     */
    public static function through(array $x, array $y, array $weights, int $degree): ?self
    {
        $size = $degree + 1;
        $normal = array_fill(0, $size, array_fill(0, $size, 0.0));
        $right = array_fill(0, $size, 0.0);
        foreach ($x as $i => $xi) {
            for ($a = 0; $a < $size; $a++) {
                $right[$a] += $weights[$i] * $xi ** $a * $y[$i];
                for ($b = 0; $b < $size; $b++) {
                    $normal[$a][$b] += $weights[$i] * $xi ** ($a + $b);
                }
            }
        }
        $coefficients = LinearSystem::solve($normal, array_values($right));
        if ($coefficients === null) {
            return null;
        }
        $columns = [];
        for ($a = 0; $a < $size; $a++) {
            $unit = array_fill(0, $size, 0.0);
            $unit[$a] = 1.0;
            $columns[] = LinearSystem::solve($normal, array_values($unit)) ?? array_fill(0, $size, 0.0);
        }

        return new self($coefficients, $columns);
    }

    public function at(float $x): float
    {
        $value = 0.0;
        foreach (array_reverse($this->coefficients) as $c) {
            $value = $value * $x + $c;
        }

        return $value;
    }

    public function degree(): int
    {
        return count($this->coefficients) - 1;
    }

    /**
     * Variance, for unit reading variance, of a quantity whose derivatives by the coefficients are given.
     *
     * @param  list<float>  $gradient
     */
    public function varianceOf(array $gradient): float
    {
        $sum = 0.0;
        foreach ($gradient as $a => $ga) {
            foreach ($gradient as $b => $gb) {
                $sum += $ga * $gb * $this->covariance[$a][$b];
            }
        }

        return max(0.0, $sum);
    }
}

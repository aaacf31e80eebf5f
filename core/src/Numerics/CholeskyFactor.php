<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/** L of A = L L^T, of a small positive definite matrix. @internal */
final readonly class CholeskyFactor
{
    /** @param  array<int, array<int, float>>  $lower */
    private function __construct(private array $lower)
    {
    }

    /** @param  array<int, array<int, float>>  $matrix */
    public static function of(array $matrix): self
    {
        $lower = [];
        foreach (array_keys($matrix) as $i) {
            for ($j = 0; $j <= $i; $j++) {
                $sum = $matrix[$i][$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                $lower[$i][$j] = $i === $j ? sqrt(max($sum, 1e-300)) : $sum / $lower[$j][$j];
            }
        }

        return new self($lower);
    }

    /** Of A. */
    public function logDeterminant(): float
    {
        $sum = 0.0;
        foreach ($this->lower as $i => $row) {
            $sum += 2.0 * log($row[$i]);
        }

        return $sum;
    }

    /**
     * x of A x = b.
     *
     * @param  array<int, float>  $right
     *
     * @return list<float>
     */
    public function solve(array $right): array
    {
        $x = [];
        foreach ($this->lower as $i => $row) {
            $sum = $right[$i];
            for ($k = 0; $k < $i; $k++) {
                $sum -= $row[$k] * $x[$k];
            }
            $x[$i] = $sum / $row[$i];
        }

        return $this->back($x);
    }

    /**
     * x of L^T x = b: of standard normal b, what has A^-1 for its covariance.
     *
     * @param  array<int, float>  $right
     *
     * @return list<float>
     */
    public function back(array $right): array
    {
        $x = [];
        for ($i = count($this->lower) - 1; $i >= 0; $i--) {
            $sum = $right[$i];
            foreach ($x as $k => $known) {
                $sum -= $this->lower[$k][$i] * $known;
            }
            $x[$i] = $sum / $this->lower[$i][$i];
        }
        ksort($x);

        return array_values($x);
    }
}

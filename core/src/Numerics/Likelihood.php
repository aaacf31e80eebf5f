<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * Log-likelihood of stepped readings about a curve, with first and second derivatives in the curve and in log noise.
 *
 * The interval form is log[Phi(b) - Phi(a)], a, b = (y -/+ step/2 - mu)/s: concave in mu, so Newton steps are safe.
 *
 * @internal the arrays of one call are of equal length
 */
final readonly class Likelihood
{
    public function __construct(private Observations $seen)
    {
    }

    /** @param  list<float>  $mu */
    public function value(array $mu, float $logNoise): float
    {
        return $this->seen->asIntervals
            ? $this->intervalValue($mu, exp($logNoise))
            : $this->normalValue($mu, exp($logNoise));
    }

    /**
     * @param  list<float>  $mu
     *
     * @return array{value: float, dMu: list<float>, dMuMu: list<float>, dMuNoise: list<float>, dNoise: float, dNoiseNoise: float}
     *            second derivatives with their sign turned, so that they are positive at a maximum
     */
    public function expand(array $mu, float $logNoise): array
    {
        return $this->seen->asIntervals
            ? $this->expandIntervals($mu, exp($logNoise))
            : $this->expandNormal($mu, exp($logNoise));
    }

    /** @param  list<float>  $mu */
    private function intervalValue(array $mu, float $s): float
    {
        $half = 0.5 * $this->seen->step;
        $sum = 0.0;
        foreach ($this->seen->y as $i => $y) {
            $r = $y - $mu[$i];
            $sum += $this->seen->weights[$i] * log(NormalDistribution::between(($r - $half) / $s, ($r + $half) / $s));
        }

        return $sum;
    }

    /** @param  list<float>  $mu */
    private function normalValue(array $mu, float $s): float
    {
        $variance = $s * $s + $this->seen->step ** 2 / 12.0;
        $squares = $this->seen->withinSquares;
        $count = 0.0;
        foreach ($this->seen->y as $i => $y) {
            $squares += $this->seen->weights[$i] * ($y - $mu[$i]) ** 2;
            $count += $this->seen->weights[$i];
        }

        return -0.5 * $count * log(2.0 * M_PI * $variance)
            - (0.5 * $squares) / $variance
            + ($this->seen->step > 0.0 ? $count * log($this->seen->step) : 0.0);
    }

    /**
     * @param  list<float>  $mu
     *
     * @return array{value: float, dMu: list<float>, dMuMu: list<float>, dMuNoise: list<float>, dNoise: float, dNoiseNoise: float}
     */
    private function expandIntervals(array $mu, float $s): array
    {
        $half = 0.5 * $this->seen->step;
        $value = $dNoise = $dNoiseNoise = 0.0;
        $dMu = $dMuMu = $dMuNoise = [];
        foreach ($this->seen->y as $i => $y) {
            $w = $this->seen->weights[$i];
            $r = $y - $mu[$i];
            $a = ($r - $half) / $s;
            $b = ($r + $half) / $s;
            [$p, $densityA, $densityB] = NormalDistribution::interval($a, $b);
            $densityA /= $p;
            $densityB /= $p;
            $slope = $densityA - $densityB;
            $spread = $b * $densityB - $a * $densityA;
            $value += $w * log($p);
            $dMu[] = ($w * $slope) / $s;
            $dMuMu[] = ($w * max(0.0, $spread + $slope * $slope)) / ($s * $s);
            $dMuNoise[] = (-$w * ($a * $a * $densityA - $b * $b * $densityB + $slope * $spread - $slope)) / $s;
            $dNoise -= $w * $spread;
            $dNoiseNoise += $w * ($spread * $spread - $spread + $b ** 3 * $densityB - $a ** 3 * $densityA);
        }

        return compact('value', 'dMu', 'dMuMu', 'dMuNoise', 'dNoise', 'dNoiseNoise');
    }

    /**
     * @param  list<float>  $mu
     *
     * @return array{value: float, dMu: list<float>, dMuMu: list<float>, dMuNoise: list<float>, dNoise: float, dNoiseNoise: float}
     */
    private function expandNormal(array $mu, float $s): array
    {
        $variance = $s * $s + $this->seen->step ** 2 / 12.0;
        $share = ($s * $s) / $variance;
        $squares = $this->seen->withinSquares;
        $count = 0.0;
        $dMu = $dMuMu = $dMuNoise = [];
        foreach ($this->seen->y as $i => $y) {
            $w = $this->seen->weights[$i];
            $r = $y - $mu[$i];
            $squares += $w * $r * $r;
            $count += $w;
            $dMu[] = ($w * $r) / $variance;
            $dMuMu[] = $w / $variance;
            $dMuNoise[] = (2.0 * $w * $r * $share) / $variance;
        }
        $scaled = $squares / $variance;
        $dNoise = $share * ($scaled - $count);
        $dNoiseNoise = 2.0 * $share * $share * (2.0 * $scaled - $count) - 2.0 * $share * ($scaled - $count);

        return [
            'value' => $this->normalValue($mu, $s),
            'dMu' => $dMu,
            'dMuMu' => $dMuMu,
            'dMuNoise' => $dMuNoise,
            'dNoise' => $dNoise,
            'dNoiseNoise' => $dNoiseNoise,
        ];
    }
}

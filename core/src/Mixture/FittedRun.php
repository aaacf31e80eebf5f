<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Numerics\WeightedPolynomial;

/** @internal a unimodal curve of rpm over z = ln(turns) - centre, with the scatter of one reading */
final readonly class FittedRun
{
    private const DRAWN_POINTS = 40;

    public function __construct(
        private WeightedPolynomial $polynomial,
        private float $centre,
        private float $variance,
        private float $t,
        public float $aicc,
    ) {
    }

    public function hasPeak(): bool
    {
        return $this->peakZ() !== null;
    }

    public function peakTurns(): ?float
    {
        $z = $this->peakZ();

        return $z === null ? null : exp($z + $this->centre);
    }

    public function rpmAt(float $turns): float
    {
        return $this->polynomial->at(log(max(1e-3, $turns)) - $this->centre);
    }

    /**
     * 95 % interval of the peak: Fieller's for a quadratic, first-order for a cubic.
     *
     * @return array{0: float, 1: float} turns; far apart where the readings do not bend enough to say
     */
    public function peakInterval(): array
    {
        $z = $this->peakZ() ?? 0.0;
        $c = $this->polynomial->coefficients;
        if ($this->polynomial->degree() === 2) {
            return $this->fieller($c, $z);
        }
        $bend = 2.0 * $c[2] + 6.0 * $c[3] * $z;
        $half
            = ($this->t * sqrt($this->variance * $this->polynomial->varianceOf([0.0, 1.0, 2.0 * $z, 3.0 * $z * $z])))
            / abs($bend);

        return [exp($z - $half + $this->centre), exp($z + $half + $this->centre)];
    }

    /**
     * Where the speed is a share of the peak's, on the side of fewer (-1) or more (+1) turns; null beyond the travel.
     */
    public function edge(float $share, int $side, float $travelTurns): ?float
    {
        $from = $this->peakZ();
        if ($from === null) {
            return null;
        }
        $level = $share * $this->polynomial->at($from);
        for ($i = 1; $i <= 400; $i++) {
            $z = $from + $side * $i * 0.01;
            if (exp($z + $this->centre) > $travelTurns || exp($z + $this->centre) < 1.0 / 16.0) {
                return null;
            }
            if ($this->polynomial->at($z) <= $level) {
                return $this->bisect($level, $z, $z - $side * 0.01);
            }
        }

        return null;
    }

    /** Half-width, in turns, of the 95 % interval of the middle of two edges: first-order in the coefficients. */
    public function edgeSpread(float $share, ?float $low, ?float $high): float
    {
        $edges = array_values(array_filter([$low, $high], static fn (?float $e): bool => $e !== null));
        $gradient = array_fill(0, $this->polynomial->degree() + 1, 0.0);
        $peak = $this->peakZ() ?? 0.0;
        foreach ($edges as $edge) {
            $z = log($edge) - $this->centre;
            $slope = $this->slope($z);
            foreach ($gradient as $power => $sum) {
                $gradient[$power]
                    = $sum
                    - (($edge / count($edges)) * ($z ** $power - $share * $peak ** $power))
                        / ($slope === 0.0 ? 1e-9 : $slope);
            }
        }

        return $this->t * sqrt($this->variance * $this->polynomial->varianceOf($gradient));
    }

    /** @return list<array{0: float, 1: float}> */
    public function points(float $from, float $to): array
    {
        $points = [];
        for ($i = 0; $i <= self::DRAWN_POINTS; $i++) {
            $turns = $from + (($to - $from) * $i) / self::DRAWN_POINTS;
            $points[] = [$turns, $this->rpmAt($turns)];
        }

        return $points;
    }

    private function peakZ(): ?float
    {
        $c = $this->polynomial->coefficients;
        if ($this->polynomial->degree() === 2) {
            return $c[2] < 0.0 ? -$c[1] / (2.0 * $c[2]) : null;
        }
        $inside = $c[2] ** 2 - 3.0 * $c[1] * $c[3];
        if ($inside < 0.0) {
            return null;
        }

        return (-$c[2] - sqrt($inside)) / (3.0 * $c[3]);
    }

    private function slope(float $z): float
    {
        return ($this->polynomial->at($z + 1e-5) - $this->polynomial->at($z - 1e-5)) / 2e-5;
    }

    private function bisect(float $level, float $below, float $above): float
    {
        for ($i = 0; $i < 40; $i++) {
            $middle = 0.5 * ($below + $above);
            [$below, $above] = $this->polynomial->at($middle) <= $level ? [$middle, $above] : [$below, $middle];
        }

        return exp(0.5 * ($below + $above) + $this->centre);
    }

    /**
     * Roots of (c1 + 2 c2 z)^2 = t^2 Var(c1 + 2 c2 z).
     *
     * @param  list<float>  $c
     *
     * @return array{0: float, 1: float}
     */
    private function fieller(array $c, float $peak): array
    {
        $v = $this->polynomial->covariance;
        $k = $this->t ** 2 * $this->variance;
        $a = 4.0 * ($c[2] ** 2 - $k * $v[2][2]);
        $b = 4.0 * ($c[1] * $c[2] - $k * $v[1][2]);
        $d = $c[1] ** 2 - $k * $v[1][1];
        $inside = $b * $b - 4.0 * $a * $d;
        if ($a <= 0.0 || $inside < 0.0) {
            return [exp($peak - 2.0 + $this->centre), exp($peak + 2.0 + $this->centre)];
        }

        return [
            exp((-$b - sqrt($inside)) / (2.0 * $a) + $this->centre),
            exp((-$b + sqrt($inside)) / (2.0 * $a) + $this->centre),
        ];
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * Maximum posterior fit of a curve to stepped readings by damped Newton steps (Levenberg 1944, Marquardt 1963).
 *
 * The curve is linearised (Gauss-Newton), the likelihood is not. Log noise is one more parameter. Parameters that press
 * against a bound are held there for the step. With a step of zero and no priors this is ordinary least squares.
 *
 * @internal
 */
final readonly class CurveFitter
{
    private const MAXIMUM_STEPS = 300;

    /** Damped this hard, no step gains any more. */
    private const STUCK = 1e7;

    /** No parameter more than trebles in one step: far starts must not be thrown where the curve is flat. */
    private const LONGEST_STEP = 2.0;

    private Likelihood $likelihood;

    /**
     * @param  list<Parameter>  $parameters of the curve
     * @param  Parameter  $logNoise natural log of the reading noise, in the unit of y
     * @param  float  $tolerance gain of log posterior that two steps running must stay below
     */
    public function __construct(
        private Curve $curve,
        private Observations $seen,
        private array $parameters,
        private Parameter $logNoise,
        private float $tolerance = 1e-4,
    ) {
        $this->likelihood = new Likelihood($seen);
    }

    /** @throws DidNotConverge If no finite fit exists near the start. */
    public function fit(): Fit
    {
        $bounds = [...$this->parameters, $this->logNoise];
        $at = array_map(static fn (Parameter $p): float => $p->clamp($p->start), $bounds);
        $damping = 1e-3;
        [$best, $gradient, $curvature] = $this->expand($at, $bounds);
        if (! is_finite($best)) {
            throw DidNotConverge::within(0);
        }
        $quiet = 0;
        for ($step = 0; $step < self::MAXIMUM_STEPS && $quiet < 2 && $damping < self::STUCK; $step++) {
            $candidate = $this->stepped($at, $bounds, $gradient, $curvature, $damping);
            [$value, $nextGradient, $nextCurvature] = $this->expand($candidate, $bounds);
            if (is_finite($value) && $value >= $best) {
                $quiet = $value - $best < $this->tolerance ? $quiet + 1 : 0;
                [$at, $best, $gradient, $curvature] = [$candidate, $value, $nextGradient, $nextCurvature];
                $damping = max(1e-12, $damping / 9.0);
            } else {
                $damping *= 7.0;
            }
        }

        return $this->result($at, $best);
    }

    /**
     * The same fit with one parameter held, started from where another fit ended.
     *
     * @param  int  $index of the parameter held
     */
    public function holding(int $index, float $value, Fit $from): Fit
    {
        $parameters = [];
        foreach ($this->parameters as $i => $parameter) {
            $parameters[] = $i === $index ? $parameter->fixedAt($value) : $parameter->startingAt($from->parameters[$i]);
        }

        return (new self(
            $this->curve,
            $this->seen,
            $parameters,
            $this->logNoise->startingAt($from->logNoise),
            max(5e-3, $this->tolerance),
        ))->fit();
    }

    /**
     * How far one parameter can move, the others standing still, before the log-likelihood has fallen by one.
     *
     * The curve is linearised. Readings without a step give the same width everywhere along a profile; rounded ones do
     * not.
     */
    public function supportWidth(Fit $fit, int $index): float
    {
        [$mu, $slopes] = $this->curve->valuesAndSlopes($fit->parameters, $this->seen->x);
        $slope = $slopes[$index];
        $floor = $this->likelihood->value($mu, $fit->logNoise) - 1.0;
        $width = 0.0;
        foreach ([-1.0, 1.0] as $way) {
            $inside = 0.0;
            $outside = 1.5 * $this->seen->step + 3.0 * $fit->noise();
            for ($halving = 0; $halving < 7; $halving++) {
                $middle = 0.5 * ($inside + $outside);
                $moved = array_map(static fn (float $m, float $s): float => $m + $way * $middle * $s, $mu, $slope);
                if ($this->likelihood->value($moved, $fit->logNoise) >= $floor) {
                    $inside = $middle;
                } else {
                    $outside = $middle;
                }
            }
            $width += 0.5 * ($inside + $outside);
        }

        return $width;
    }

    public function startedFrom(Fit $fit): self
    {
        $parameters = array_map(
            static fn (Parameter $p, float $start): Parameter => $p->startingAt($start),
            $this->parameters,
            $fit->parameters,
        );

        return new self(
            $this->curve,
            $this->seen,
            $parameters,
            $this->logNoise->startingAt($fit->logNoise),
            $this->tolerance,
        );
    }

    /** @param  list<float>  $at */
    private function result(array $at, float $posterior): Fit
    {
        $logNoise = $at[count($at) - 1];
        $parameters = array_slice($at, 0, -1);
        $logLikelihood = $this->likelihood->value($this->curve->values($parameters, $this->seen->x), $logNoise);

        return new Fit($parameters, $logNoise, $logLikelihood, $posterior);
    }

    /**
     * @param  list<float>  $at
     * @param  list<Parameter>  $bounds
     *
     * @return array{0: float, 1: list<float>, 2: list<list<float>>} log posterior, its gradient and its (positive) curvature
     */
    private function expand(array $at, array $bounds): array
    {
        [$mu, $slopes] = $this->curve->valuesAndSlopes(array_slice($at, 0, -1), $this->seen->x);
        $local = $this->likelihood->expand($mu, $at[count($at) - 1]);
        $n = count($slopes);
        $gradient = [];
        $curvature = [];
        foreach ($slopes as $j => $slope) {
            $g = $cross = 0.0;
            $row = array_fill(0, $n + 1, 0.0);
            foreach ($slope as $i => $d) {
                $g += $d * $local['dMu'][$i];
                $cross += $d * $local['dMuNoise'][$i];
            }
            for ($k = 0; $k <= $j; $k++) {
                $sum = 0.0;
                $other = $slopes[$k];
                foreach ($slope as $i => $d) {
                    $sum += $d * $other[$i] * $local['dMuMu'][$i];
                }
                $row[$k] = $sum;
            }
            $row[$n] = $cross;
            $gradient[] = $g;
            $curvature[] = $row;
        }
        $gradient[] = $local['dNoise'];
        $curvature[] = [...array_column($curvature, $n), max($local['dNoiseNoise'], 0.05 * $this->seen->count())];

        return $this->withPriors($at, $bounds, $local['value'], $gradient, $curvature);
    }

    /**
     * @param  list<float>  $at
     * @param  list<Parameter>  $bounds
     * @param  list<float>  $gradient
     * @param  array<int, array<int, float>>  $curvature lower triangle filled
     *
     * @return array{0: float, 1: list<float>, 2: list<list<float>>}
     */
    private function withPriors(array $at, array $bounds, float $value, array $gradient, array $curvature): array
    {
        foreach ($bounds as $i => $bound) {
            for ($k = 0; $k < $i; $k++) {
                $curvature[$k][$i] = $curvature[$i][$k];
            }
            if ($bound->priorSd < INF) {
                $value -= 0.5 * (($at[$i] - $bound->priorMean) / $bound->priorSd) ** 2;
                $gradient[$i] -= ($at[$i] - $bound->priorMean) / $bound->priorSd ** 2;
                $curvature[$i][$i] += 1.0 / $bound->priorSd ** 2;
            }
        }

        return [$value, array_values($gradient), array_values(array_map(array_values(...), $curvature))];
    }

    /**
     * @param  list<float>  $at
     * @param  list<Parameter>  $bounds
     * @param  list<float>  $gradient
     * @param  list<list<float>>  $curvature
     *
     * @return list<float>
     */
    private function stepped(array $at, array $bounds, array $gradient, array $curvature, float $damping): array
    {
        $free = [];
        foreach ($bounds as $i => $bound) {
            $pressedLow = $at[$i] <= $bound->low && $gradient[$i] <= 0.0;
            $pressedHigh = $at[$i] >= $bound->high && $gradient[$i] >= 0.0;
            if (! $bound->isFixed() && ! $pressedLow && ! $pressedHigh) {
                $free[] = $i;
            }
        }
        $matrix = [];
        $right = [];
        foreach ($free as $i) {
            $row = [];
            foreach ($free as $k) {
                $row[] = $curvature[$i][$k] + ($i === $k ? $damping * $curvature[$i][$i] + 1e-12 : 0.0);
            }
            $matrix[] = $row;
            $right[] = $gradient[$i];
        }
        $step = $free === [] ? [] : LinearSystem::solve($matrix, $right);
        foreach ($free as $position => $i) {
            $reach = self::LONGEST_STEP * max(1.0, abs($at[$i]));
            $at[$i] = $bounds[$i]->clamp($at[$i] + max(-$reach, min($reach, $step[$position] ?? 0.0)));
        }

        return array_values($at);
    }
}

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

    /** A step damped no harder than this gains what it promises; where it promises nothing, the top is reached. */
    private const NEARLY_UNDAMPED = 0.01;

    /** Damped less than this, a second try would lead where the first has led. */
    private const FELT = 0.003;

    /** The noise grows or shrinks by no more than this factor of e in one step. */
    private const LONGEST_NOISE_STEP = 1.0;

    private const WIDTH_STEPS = 12;

    /** Of the root of the loss: what is left of it moves an end of a profile by less than its own search does. */
    private const WIDTH_TOLERANCE = 0.01;

    /** No parameter more than trebles in one step: far starts must not be thrown where the curve is flat. */
    private const LONGEST_STEP = 2.0;

    private Likelihood $likelihood;

    /**
     * @param  list<Parameter>  $parameters of the curve
     * @param  Parameter  $logNoise natural log of the reading noise, in the unit of y
     * @param  float  $tolerance gain of log posterior below which a step is the last
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
            [$candidate, $promised] = $this->stepped($at, $bounds, $gradient, $curvature, $damping);
            if ($promised < $this->tolerance && $damping < self::NEARLY_UNDAMPED) {
                $gain = $this->height($candidate, $bounds) - $best;
                if ($gain >= 0.0 && $gain < $this->tolerance) {
                    return $this->result($candidate, $best + $gain);
                }
            }
            [$value, $nextGradient, $nextCurvature] = $this->expand($candidate, $bounds);
            if (is_finite($value) && $value >= $best) {
                $quiet = $value - $best < $this->tolerance ? $quiet + 1 : 0;
                [$at, $best, $gradient, $curvature] = [$candidate, $value, $nextGradient, $nextCurvature];
                $damping = max(1e-12, $damping / 9.0);
            } else {
                $damping = max(self::FELT, 7.0 * $damping);
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
        $farthest = 1.5 * $this->seen->step + 3.0 * $fit->noise();
        $down = $this->support($fit, $mu, $slopes[$index], -0.3 * $farthest, $farthest);

        return $down + $this->support($fit, $mu, $slopes[$index], $down, $farthest);
    }

    /**
     * One side of it. The root of the loss is a straight line where only noise counts, and steeper where rounding does.
     *
     * @param  list<float>  $mu
     * @param  list<float>  $slope
     * @param  float  $guess how far, with the sign of its side
     */
    private function support(Fit $fit, array $mu, array $slope, float $guess, float $farthest): float
    {
        $way = $guess < 0.0 ? -1.0 : 1.0;
        $reach = min(abs($guess), 0.9 * $farthest);
        [$inside, $atInside] = [0.0, 0.0];
        [$outside, $atOutside] = [$farthest, INF];
        for ($step = 0; $step < self::WIDTH_STEPS; $step++) {
            $moved = [];
            foreach ($mu as $i => $m) {
                $moved[] = $m + $way * $reach * $slope[$i];
            }
            $loss = sqrt(max(0.0, $fit->logLikelihood - $this->likelihood->value($moved, $fit->logNoise)));
            if (abs($loss - 1.0) < self::WIDTH_TOLERANCE) {
                return $reach;
            }
            if ($loss < 1.0) {
                [$inside, $atInside] = [$reach, $loss];
            } else {
                [$outside, $atOutside] = [$reach, $loss];
            }
            $share = is_finite($atOutside)
                ? (1.0 - $atInside) / ($atOutside - $atInside)
                : ($inside / max($atInside, 1e-3) - $inside) / ($outside - $inside);
            $reach = $inside + max(0.1, min(0.9, $share)) * ($outside - $inside);
        }

        return 0.5 * ($inside + $outside);
    }

    /** Which way a parameter can be moved from the top at the least loss, by the curvature there. */
    public function ridge(Fit $top, int $index): Ridge
    {
        $bounds = [...$this->parameters, $this->logNoise];
        [, , $curvature] = $this->expand([...$top->parameters, $top->logNoise], $bounds);
        $free = array_keys(array_filter($bounds, static fn (Parameter $p): bool => ! $p->isFixed()));
        $one = array_map(static fn (int $i): float => (float) ($i === $index), array_keys($bounds));

        return new Ridge($index, $this->solved($free, $one, $curvature, 0.0));
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
        $logLikelihood = $posterior - self::logPrior($at, [...$this->parameters, $this->logNoise]);

        return new Fit(array_slice($at, 0, -1), $at[count($at) - 1], $logLikelihood, $posterior);
    }

    /**
     * Log posterior, without its derivatives.
     *
     * @param  list<float>  $at
     * @param  list<Parameter>  $bounds
     */
    private function height(array $at, array $bounds): float
    {
        $mu = $this->curve->values(array_slice($at, 0, -1), $this->seen->x);

        return $this->likelihood->value($mu, $at[count($at) - 1]) + self::logPrior($at, $bounds);
    }

    /**
     * @param  list<float>  $at
     * @param  list<Parameter>  $bounds
     */
    private static function logPrior(array $at, array $bounds): float
    {
        $value = 0.0;
        foreach ($bounds as $i => $bound) {
            $value -= $bound->priorSd < INF ? 0.5 * (($at[$i] - $bound->priorMean) / $bound->priorSd) ** 2 : 0.0;
        }

        return $value;
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
            $bends = [];
            foreach ($slope as $i => $d) {
                $g += $d * $local['dMu'][$i];
                $cross += $d * $local['dMuNoise'][$i];
                $bends[] = $d * $local['dMuMu'][$i];
            }
            for ($k = 0; $k <= $j; $k++) {
                $sum = 0.0;
                foreach ($slopes[$k] as $i => $d) {
                    $sum += $d * $bends[$i];
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
                $gradient[$i] -= ($at[$i] - $bound->priorMean) / $bound->priorSd ** 2;
                $curvature[$i][$i] += 1.0 / $bound->priorSd ** 2;
            }
        }

        $value += self::logPrior($at, $bounds);

        return [$value, array_values($gradient), array_values(array_map(array_values(...), $curvature))];
    }

    /**
     * @param  list<float>  $at
     * @param  list<Parameter>  $bounds
     * @param  list<float>  $gradient
     * @param  list<list<float>>  $curvature
     *
     * @return array{0: list<float>, 1: float} where the step leads, and the gain it would have on a parabola
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
        $noise = count($at) - 1;
        $step = $this->solved($free, $gradient, $curvature, $damping);
        if (self::gain($free, $gradient, $step) <= 0.0) {
            // Far from the top the curve and its noise can bend the wrong way together; apart they do not.
            foreach ($free as $i) {
                $curvature[$i][$noise] = $curvature[$noise][$i] = $i === $noise ? $curvature[$i][$i] : 0.0;
            }
            $step = $this->solved($free, $gradient, $curvature, $damping);
        }
        foreach ($free as $i) {
            $reach = $i === $noise ? self::LONGEST_NOISE_STEP : self::LONGEST_STEP * max(1.0, abs($at[$i]));
            $step[$i] = max(-$reach, min($reach, $step[$i]));
            $at[$i] = $bounds[$i]->clamp($at[$i] + $step[$i]);
        }

        return [array_values($at), self::gain($free, $gradient, $step)];
    }

    /**
     * @param  list<int>  $free
     * @param  list<float>  $gradient
     * @param  array<int, array<int, float>>  $curvature
     *
     * @return array<int, float> a step for each that is free
     */
    private function solved(array $free, array $gradient, array $curvature, float $damping): array
    {
        $matrix = [];
        foreach ($free as $i) {
            $row = [];
            foreach ($free as $k) {
                $row[] = $curvature[$i][$k] + ($i === $k ? $damping * $curvature[$i][$i] + 1e-12 : 0.0);
            }
            $matrix[] = $row;
        }
        $right = array_map(static fn (int $i): float => $gradient[$i], $free);

        return array_combine($free, LinearSystem::solve($matrix, $right) ?? array_fill(0, count($free), 0.0));
    }

    /**
     * What a step would gain on a parabola.
     *
     * @param  list<int>  $free
     * @param  list<float>  $gradient
     * @param  array<int, float>  $step
     */
    private static function gain(array $free, array $gradient, array $step): float
    {
        $gain = 0.0;
        foreach ($free as $i) {
            $gain += 0.5 * $gradient[$i] * $step[$i];
        }

        return $gain;
    }
}

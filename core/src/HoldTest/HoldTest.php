<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Numerics\CurveFitter;
use DustyJet\Numerics\Fit;
use DustyJet\Numerics\Observations;
use DustyJet\Numerics\Parameter;
use DustyJet\Numerics\ProfileInterval;
use DustyJet\Quantity\AbsolutePressure;
use DustyJet\Quantity\Duration;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;

/**
 * Judges a pressure or vacuum hold test of a closed volume.
 *
 * Three models are fitted to the whole trace, each with a settling term: tight, leak (three shapes) and holds-below.
 * Readings are intervals, not points; models are compared by AICc; the leak interval is profile likelihood and is the
 * union over the shapes within 2 AICc of the best. The verdict compares that interval with a limit flow.
 */
final readonly class HoldTest
{
    private const KILOPASCALS_PER_PSI = 6.894757293168361;

    /** A settling smaller than this cannot be seen on a workshop gauge: 0.01 psi. */
    private const SETTLED_KILOPASCALS = 0.0689;

    private const LONGEST_WATCH_SECONDS = 1800.0;

    /** What is undecided now is not decided by a few seconds more: at least this, and half as long again. */
    private const SHORTEST_WATCH_SECONDS = 20.0;

    private const RIVAL_SHAPES_WITHIN_AICC = 2.0;

    private const PLATEAU_MUST_BEAT_LEAK_BY_AICC = 6.0;

    /** Nobody has seen where it comes to rest who has not watched this many of its time constants. */
    private const PLATEAU_WATCHED_TAUS = 1.5;

    private const ROUNDING_RULES_FROM = 3.0;

    private Observations $seen;

    private float $atmosphere;

    private float $peak;

    private function __construct(private PressureTrace $trace, private Rig $rig, private Limits $limits)
    {
        $this->seen = TraceBins::of($trace);
        $this->peak = max(0.0, ...$this->seen->y);
        $this->atmosphere = AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS / 1000.0;
    }

    public static function judge(PressureTrace $trace, Rig $rig, Limits $limits): HoldResult
    {
        return (new self($trace, $rig, $limits))->result();
    }

    private function result(): HoldResult
    {
        $tight = $this->fitter(HoldCurve::tight(), [])->fit();
        $leaks = $this->leaks($tight);
        $best = $leaks[0];
        $plateau = $this->plateau($best, $tight);
        [$low, $high] = $this->flowInterval($leaks);
        $isSimpler = $tight->aicc($this->freeParameters(2), $this->seen->count()) <= $best->aicc;
        $model = match (true) {
            $plateau !== null => HoldModel::HoldsBelow,
            // Of two or three readings the simpler model is always the better one; a leak that is sure is a leak.
            $isSimpler && ! $this->isOverTheLimit($low) => HoldModel::Tight,
            default => HoldModel::Leak,
        };
        $verdict = $this->verdict($model, $low, $high);
        $settledFrom = $this->settledFrom($best->fit);
        $flow = $best->flowAt($settledFrom, $this->rig);
        $start = $this->gauge($best->pressureAt($settledFrom));
        $hasHole = $model !== HoldModel::Tight && $flow->inMillilitresPerMinute() > 0.0;

        return new HoldResult(
            model: $model,
            shape: $best->shape,
            verdict: $verdict,
            settledFrom: Duration::ofSeconds($settledFrom),
            start: $start,
            tau: $this->tau($model, $best, $plateau),
            plateau: $plateau === null ? null : $this->gauge($plateau->parameters[0]),
            leak: new LeakFound($flow, $low, $high, $hasHole ? AirFlow::equivalentHole($flow, $start) : null),
            watchMore: $verdict === Verdict::KeepWatching
                ? Duration::ofSeconds($this->watchMore($best, $settledFrom))
                : null,
            margin: abs($start->inKilopascals()) / $this->limits->working->inKilopascals(),
            noiseKilopascals: $best->fit->noise(),
            fitted: new FittedTrace(
                $model,
                $best->shape,
                $this->trace->isVacuum,
                $this->atmosphere,
                $this->shown($model, $tight, $best, $plateau),
                $best->low->parameters,
                $best->high->parameters,
            ),
        );
    }

    /**
     * @param  list<Parameter>  $own parameters of the model after its first pressure, before the settling
     */
    private function fitter(HoldCurve $curve, array $own, ?float $start = null): CurveFitter
    {
        $peak = $this->peak;
        $level = $start ?? $this->seen->y[count($this->seen->y) - 1];
        $step = max($this->seen->step, 0.002);
        $first = $this->seen->y[0];

        return new CurveFitter(
            $curve,
            $this->seen,
            [
                new Parameter(max(0.2, $level), 0.05, 3.0 * $peak + 5.0),
                ...$own,
                new Parameter(max(0.0, min($first - $level, 0.3 * $peak)), 0.0, 2.0 * $peak, 0.0, 0.06 * $peak),
                new Parameter(log(2.0), log(0.5), log(8.0), log(2.0), 0.7),
            ],
            new Parameter(
                log($this->seen->asIntervals ? max(0.4 * $step, 0.02) : 0.1),
                log(0.001 * self::KILOPASCALS_PER_PSI),
                log($peak),
                log(0.015 * self::KILOPASCALS_PER_PSI),
                1.0,
            ),
        );
    }

    /** @return non-empty-list<FittedLeak> best shape first */
    private function leaks(Fit $tight): array
    {
        [$p0, $rate] = $this->straightLine();
        $leaks = [];
        foreach (LeakShape::cases() as $shape) {
            $curve = HoldCurve::leak(LeakLaw::of($shape, $this->trace->isVacuum, 1.3 * $this->peak, $this->atmosphere));
            $fitter = $this->fitter($curve, [new Parameter($rate, 0.0, 20.0 * $this->peak)], $p0);
            $leaks[] = [$shape, $curve, $fitter, $fitter->fit()];
        }
        $leaks = array_map(
            fn (array $leak): array => [...$leak, $leak[3]->aicc($this->freeParameters(3), $this->seen->count())],
            $this->startedFromTheBest($leaks),
        );
        usort($leaks, static fn (array $a, array $b): int => $a[4] <=> $b[4]);
        $fitted = [];
        foreach ($leaks as [$shape, $curve, $fitter, $fit, $aicc]) {
            if ($aicc - $leaks[0][4] < self::RIVAL_SHAPES_WITHIN_AICC) {
                $ends = $this->profile($fitter, $fit);
                $fitted[] = new FittedLeak($shape, $curve, $fit, $ends->low, $ends->high, $aicc);
            }
        }

        \assert($fitted !== []);

        return $fitted;
    }

    /**
     * Each shape once more from where the best one ended: a fit that stopped in a hollow gets out of it.
     *
     * @param  list<array{0: LeakShape, 1: HoldCurve, 2: CurveFitter, 3: Fit}>  $leaks
     *
     * @return list<array{0: LeakShape, 1: HoldCurve, 2: CurveFitter, 3: Fit}>
     */
    private function startedFromTheBest(array $leaks): array
    {
        $best = $leaks[0][3];
        foreach ($leaks as $leak) {
            $best = $leak[3]->logPosterior > $best->logPosterior ? $leak[3] : $best;
        }

        return array_map(static function (array $leak) use ($best): array {
            $again = $leak[3] === $best ? $best : $leak[2]->startedFrom($best)->fit();

            return $again->logPosterior > $leak[3]->logPosterior ? [$leak[0], $leak[1], $leak[2], $again] : $leak;
        }, $leaks);
    }

    private function profile(CurveFitter $fitter, Fit $fit): ProfileInterval
    {
        $n = $this->seen->count();

        // Where rounding outweighs noise, the noise is not learned from the scatter and costs no degrees of freedom,
        // and the level is integrated out: the best level for each leak would count readings that only a lucky start
        // could give.
        $rounded = $this->seen->step > self::ROUNDING_RULES_FROM * $fit->noise();
        $threshold = ProfileInterval::threshold($n, (int) min(1000.0, $rounded ? $n : $n - 4.0));

        return ProfileInterval::around(
            $fitter,
            $fit,
            1,
            $threshold,
            0.0,
            20.0 * $this->peak,
            $rounded ? 0 : null,
        );
    }

    /**
     * The holds-below fit, if the trace earns it: watched long enough, slower than settling, at rest above the working
     * pressure, and clearly better than any leak.
     */
    private function plateau(FittedLeak $leak, Fit $tight): ?Fit
    {
        $duration = $this->trace->durationSeconds();
        $drop = max(0.05, $this->seen->y[0] - $this->seen->y[count($this->seen->y) - 1]);
        $slowest = max(2.0, $duration / self::PLATEAU_WATCHED_TAUS);
        $fitter = $this->fitter(HoldCurve::plateau(), [
            new Parameter($drop, 0.0, 2.0 * $this->peak),
            new Parameter(log(max(2.0, $duration / 4.0)), log(1.5), log($slowest)),
        ]);
        $fit = $fitter->fit();
        if (
            $fit->aicc($this->freeParameters(4), $this->seen->count())
            > $leak->aicc - self::PLATEAU_MUST_BEAT_LEAK_BY_AICC
        ) {
            return null;
        }
        $tau = exp($fit->parameters[2]);
        $settling = $fit->parameters[3] > self::SETTLED_KILOPASCALS ? exp($fit->parameters[4]) : 0.0;
        if ($tau > 0.999 * $slowest || $tau < 3.0 * $settling) {
            return null;
        }
        $ends = ProfileInterval::around(
            $fitter,
            $fit,
            0,
            ProfileInterval::threshold($this->seen->count(), (int) $this->seen->count() - 4),
            0.05,
            3.0 * $this->peak,
        );

        return $ends->low->parameters[0] > $this->limits->working->inKilopascals() ? $fit : null;
    }

    /**
     * The union of the rivals' flow intervals, widened by what is not in the trace: the volume and the room's
     * temperature.
     *
     * @param  non-empty-list<FittedLeak>  $leaks
     *
     * @return array{0: Flow, 1: Flow}
     */
    private function flowInterval(array $leaks): array
    {
        $settledFrom = $this->settledFrom($leaks[0]->fit);
        $best = $leaks[0]->flowAt($settledFrom, $this->rig)->inMillilitresPerMinute();
        $low = INF;
        $high = 0.0;
        foreach ($leaks as $leak) {
            $low = min($low, $leak->lowFlowAt($settledFrom, $this->rig)->inMillilitresPerMinute());
            $high = max($high, $leak->highFlowAt($settledFrom, $this->rig)->inMillilitresPerMinute());
        }
        $other = 1.96 * hypot($best * $this->rig->relativeUncertainty, $this->temperatureFlow());

        return [
            Flow::ofMillilitresPerMinute(max(0.0, $best - hypot($best - $low, $other))),
            Flow::ofMillilitresPerMinute($best + hypot($high - $best, $other)),
        ];
    }

    /** A gas warming by dT gains P dT/T: over the test that looks like a flow. */
    private function temperatureFlow(): float
    {
        $absolute = $this->atmosphere + ($this->trace->isVacuum ? -1.0 : 1.0) * $this->seen->y[0];
        $perSecond
            = (1000.0 * $absolute * abs($this->limits->temperatureDriftKelvin))
            / 293.15
            / max(1.0, $this->trace->durationSeconds());

        return Flow::fromPressureChange($this->rig->volume, $perSecond)->inMillilitresPerMinute();
    }

    private function verdict(HoldModel $model, Flow $low, Flow $high): Verdict
    {
        $limit = $this->limits->leak->inMillilitresPerMinute();

        return match (true) {
            $model === HoldModel::HoldsBelow => Verdict::HoldsBelow,
            $high->inMillilitresPerMinute() < $limit => Verdict::Holds,
            $this->isOverTheLimit($low) => Verdict::Leaks,
            default => Verdict::KeepWatching,
        };
    }

    private function isOverTheLimit(Flow $flow): bool
    {
        return $flow->inMillilitresPerMinute() > $this->limits->leak->inMillilitresPerMinute();
    }

    private function settledFrom(Fit $fit): float
    {
        [$a, $logTs] = array_slice($fit->parameters, -2);
        $unseen = max(0.5 * $fit->noise(), self::SETTLED_KILOPASCALS);

        return $a <= $unseen ? 0.0 : min($this->trace->durationSeconds(), exp($logTs) * log($a / $unseen));
    }

    private function tau(HoldModel $model, FittedLeak $best, ?Fit $plateau): ?Duration
    {
        return match ($model) {
            HoldModel::HoldsBelow => Duration::ofSeconds(exp($plateau->parameters[2] ?? 0.0)),
            HoldModel::Tight => null,
            HoldModel::Leak => $best->fit->parameters[1] > 0.0
                ? Duration::ofSeconds($best->fit->parameters[0] / $best->fit->parameters[1])
                : null,
        };
    }

    /**
     * The smallest T at which a leak of just the limit and the best fit can be told apart, less what was watched
     * already.
     *
     * The fit's own uncertainty at T is that of a line's end, 4 s^2/n, with readings going on at the same rate;
     * rounding does not average out, so step^2/12 is added whole.
     */
    private function watchMore(FittedLeak $best, float $settledFrom): float
    {
        $duration = $this->trace->durationSeconds();
        $perSecond = $this->seen->count() / max(1.0, $duration);
        $scale
            = $best->pressureAt($settledFrom) > 0.0
                ? $best->curve->leakRateAt($best->pressureAt($settledFrom), $best->fit->parameters[0], 1.0)
                : 1.0;
        $limitRate = $this->limits->leak->asPressureChangeOf($this->rig->volume) / 1000.0 / max(1e-9, $scale);
        $limit = [$best->fit->parameters[0], $limitRate, ...array_slice($best->fit->parameters, 2)];
        $soonest = $duration + max(self::SHORTEST_WATCH_SECONDS, 0.5 * $duration);
        for ($t = $soonest; $t < $duration + self::LONGEST_WATCH_SECONDS; $t += 5.0) {
            $gap = abs(
                $best->curve->withoutSettling($limit, [$t])[0]
                    - $best->curve->withoutSettling($best->fit->parameters, [$t])[0],
            );
            $fitVariance = (4.0 * $best->fit->noise() ** 2) / max(4.0, $perSecond * $t);
            if ($gap > 2.0 * sqrt($fitVariance + $this->seen->step ** 2 / 12.0)) {
                return $t - $duration;
            }
        }

        return self::LONGEST_WATCH_SECONDS;
    }

    /**
     * Level and fall of the stretch in which most of the leak shows, by least squares: where the fits start.
     *
     * The first quarter is left out for the settling; so is what comes after the pressure has halved.
     *
     * @return array{0: float, 1: float} kPa at time zero, kPa/s
     */
    private function straightLine(): array
    {
        $until = $this->halved();
        $from = 0.25 * $until;
        $n = $sx = $sy = $sxx = $sxy = 0.0;
        foreach ($this->seen->x as $i => $x) {
            if ($x >= $from && $x <= $until) {
                $w = $this->seen->weights[$i];
                $n += $w;
                $sx += $w * $x;
                $sy += $w * $this->seen->y[$i];
                $sxx += $w * $x * $x;
                $sxy += $w * $x * $this->seen->y[$i];
            }
        }
        $spread = $n * $sxx - $sx * $sx;
        $slope = $spread > 0.0 ? ($n * $sxy - $sx * $sy) / $spread : 0.0;

        return [max(0.2, ($sy - $slope * $sx) / max(1.0, $n)), max(0.0, -$slope)];
    }

    private function halved(): float
    {
        foreach ($this->seen->x as $i => $x) {
            if ($i > 3 && $this->seen->y[$i] < 0.5 * $this->seen->y[0]) {
                return $x;
            }
        }

        return $this->trace->durationSeconds();
    }

    /** @return list<float> */
    private function shown(HoldModel $model, Fit $tight, FittedLeak $best, ?Fit $plateau): array
    {
        return match ($model) {
            HoldModel::Tight => $tight->parameters,
            HoldModel::Leak => $best->fit->parameters,
            HoldModel::HoldsBelow => $plateau->parameters ?? [],
        };
    }

    /**
     * Settling and noise count as two more; with few readings the settling time is known from its prior, not from them.
     *
     * @param  int  $own parameters of the model including the settling's size
     */
    private function freeParameters(int $own): int
    {
        return $own + 1 + ($this->seen->count() >= 12.0 ? 1 : 0);
    }

    /** What a fit takes it for may lie beyond a perfect vacuum, where the readings are of no leak at all. */
    private function gauge(float $magnitude): GaugePressure
    {
        return GaugePressure::ofKilopascals($this->trace->isVacuum ? -min($this->atmosphere, $magnitude) : $magnitude);
    }
}

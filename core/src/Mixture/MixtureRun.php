<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Numerics\StudentDistribution;
use DustyJet\Numerics\WeightedPolynomial;

/**
 * Finds where a mixture screw belongs from readings of speed at one throttle setting.
 *
 * A quadratic in ln(turns), or a cubic when AICc earns it, through the readings within reach of the best; outliers are
 * weighed down (Tukey's biweight, Beaton and Tukey 1974). The peak's interval is Fieller's (1954) for the quadratic.
 */
final readonly class MixtureRun
{
    /** A technician reads a tachometer to about this. Common practice. */
    private const TACHOMETER_NOISE_RPM = 15.0;

    private const WITHIN_REACH = 0.8;

    /** The edges of the midpoint school: speed a twentieth below the peak. */
    private const EDGE_SHARE = 0.95;

    private const SMALLEST_TURNS = 1.0 / 16.0;

    private const QUARTER = 0.25;

    private const EIGHTH = 0.125;

    /**
     * @param  non-empty-list<MixtureReading>  $readings in the order taken
     * @param  bool  $outIsRicher false for an air screw
     * @param  float  $travelTurns as far as the screw goes
     * @param  float  $cardOffsetTurns how far rich of the lean edge to leave it where there is no rich edge
     *
     * @throws UnusableRun If there are no readings.
     */
    public static function judge(
        array $readings,
        School $school,
        bool $outIsRicher = true,
        float $travelTurns = 6.0,
        float $cardOffsetTurns = 0.5,
    ): MixtureResult {
        return $school === School::RichSide
            ? RichSideRun::judge(
                $readings,
                new RichSide($outIsRicher, self::EIGHTH, $cardOffsetTurns, null, $travelTurns),
            )
            : (new self($readings, $school, $outIsRicher, $travelTurns, $cardOffsetTurns))->result();
    }

    /** @param  non-empty-list<MixtureReading>  $readings */
    private function __construct(
        private array $readings,
        private School $school,
        private bool $outIsRicher,
        private float $travelTurns,
        private float $cardOffsetTurns,
    ) {
    }

    private function result(): MixtureResult
    {
        $curve = $this->curve();
        $turns = $this->settings();
        if ($curve === null) {
            return count($turns) < 3 ? $this->goOn($turns) : $this->pastTheBest($turns);
        }
        if (! $this->isBracketed($curve, $turns)) {
            return $this->pastTheBest($turns, $curve);
        }

        return $this->school === School::Peak ? $this->atPeak($curve, $turns) : $this->atMidpoint($curve, $turns);
    }

    /** @return list<float> the settings tried, leanest turns first */
    private function settings(): array
    {
        $turns = array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), $this->readings);
        $turns = array_values(array_unique($turns));
        sort($turns);

        return $turns;
    }

    private function curve(): ?FittedRun
    {
        $best = max(array_map(static fn (MixtureReading $r): float => $r->speed->inRpm(), $this->readings));
        $near = array_values(
            array_filter(
                $this->readings,
                static fn (MixtureReading $r): bool => $r->speed->inRpm() >= self::WITHIN_REACH * $best,
            ),
        );
        $x = array_map(
            static fn (MixtureReading $r): float => log(max(self::SMALLEST_TURNS, $r->turns->inTurns())),
            $near,
        );
        $distinct = count(array_unique($x));
        if ($distinct < 3) {
            return null;
        }
        $centre = array_sum($x) / count($x);
        $x = array_map(static fn (float $v): float => $v - $centre, $x);
        $y = array_map(static fn (MixtureReading $r): float => $r->speed->inRpm(), $near);
        $quadratic = $this->robust($x, $y, 2, $centre);
        if ($quadratic === null || $distinct < 6) {
            return $quadratic;
        }
        $cubic = $this->robust($x, $y, 3, $centre);

        return $cubic !== null && $cubic->aicc < $quadratic->aicc - 2.0 && $cubic->hasPeak() ? $cubic : $quadratic;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private function robust(array $x, array $y, int $degree, float $centre): ?FittedRun
    {
        $weights = array_fill(0, count($x), 1.0);
        $polynomial = WeightedPolynomial::through($x, $y, $weights, $degree);
        // Five readings and more can spare one to be called an outlier; with fewer every reading counts in full.
        for ($round = 0; $round < 8 && $polynomial !== null && count($x) >= $degree + 3; $round++) {
            $residuals = array_map(static fn (float $xi, float $yi): float => abs($yi - $polynomial->at($xi)), $x, $y);
            $sorted = $residuals;
            sort($sorted);
            $scale = max(self::TACHOMETER_NOISE_RPM, 1.4826 * $sorted[intdiv(count($sorted), 2)]);
            $weights = array_map(
                static fn (float $r): float => max(1e-6, (1.0 - min(1.0, $r / (4.685 * $scale)) ** 2) ** 2),
                $residuals,
            );
            $polynomial = WeightedPolynomial::through($x, $y, $weights, $degree);
        }
        if ($polynomial === null) {
            return null;
        }
        $squares = 0.0;
        foreach ($x as $i => $xi) {
            $squares += $weights[$i] * ($y[$i] - $polynomial->at($xi)) ** 2;
        }
        $spare = max(0, (int) round(array_sum($weights)) - $degree - 1);
        // The tachometer's own noise counts as four readings' worth of knowledge about the scatter.
        $variance = ($squares + 4.0 * self::TACHOMETER_NOISE_RPM ** 2) / ($spare + 4.0);
        $n = (float) count($x);
        $k = $degree + 2.0;
        $aicc
            = $n * log($squares / $n + self::TACHOMETER_NOISE_RPM ** 2 / 4.0)
            + 2.0 * $k
            + (2.0 * $k * ($k + 1.0)) / max(1.0, $n - $k - 1.0);

        return new FittedRun($polynomial, $centre, $variance, StudentDistribution::twoSided95($spare + 4), $aicc);
    }

    /** @param  list<float>  $turns */
    private function isBracketed(FittedRun $curve, array $turns): bool
    {
        $peak = $curve->peakTurns();
        $best = $this->fastestTurns();

        return $peak !== null
            && $peak > $turns[0]
            && $peak < $turns[count($turns) - 1]
            && $best > $turns[0]
            && $best < $turns[count($turns) - 1];
    }

    private function fastestTurns(): float
    {
        $fastest = $this->readings[0];
        foreach ($this->readings as $reading) {
            $fastest = $reading->speed->inRpm() > $fastest->speed->inRpm() ? $reading : $fastest;
        }

        return $fastest->turns->inTurns();
    }

    /**
     * One or two settings known: a quarter turn richer.
     *
     * @param  list<float>  $turns
     */
    private function goOn(array $turns): MixtureResult
    {
        $richest = $this->outIsRicher ? $turns[count($turns) - 1] : $turns[0];
        $leanest = $this->outIsRicher ? $turns[0] : $turns[count($turns) - 1];
        $goLean = count($turns) === 2 && $this->fastestTurns() === $leanest;
        $from = $goLean ? $leanest : $richest;

        return $this->unfinished(
            $this->moved($from, $goLean ? -self::QUARTER : self::QUARTER),
            count($turns) === 1 ? NextReason::StartLean : NextReason::FindPeak,
        );
    }

    /**
     * The fastest reading is the last on one side: a quarter turn beyond it.
     *
     * @param  list<float>  $turns
     */
    private function pastTheBest(array $turns, ?FittedRun $curve = null): MixtureResult
    {
        $best = $this->fastestTurns();
        $last = $turns[count($turns) - 1];
        $next = match (true) {
            $best >= $last => $last + self::QUARTER,
            $best <= $turns[0] => $turns[0] - self::QUARTER,
            default => $this->widestGap($turns, $best),
        };

        return $this->unfinished(
            self::onEighth(min($this->travelTurns, max(self::EIGHTH, $next))),
            NextReason::FindPeak,
            $curve,
        );
    }

    /** @param  list<float>  $turns */
    private function atPeak(FittedRun $curve, array $turns): MixtureResult
    {
        [$low, $high] = $curve->peakInterval();
        $peak = $curve->peakTurns() ?? 0.0;
        $gain = $curve->rpmAt($peak) - $curve->rpmAt($this->nearestTried($turns, $peak));
        $reason = match (true) {
            $high - $low <= 2.0 * self::EIGHTH => NextReason::WithinEighth,
            count($this->readings) >= 4
                && $gain < self::TACHOMETER_NOISE_RPM
                && $this->fallsBothSides($curve, $peak, $turns) => NextReason::BelowNoise,
            default => NextReason::Narrow,
        };

        return $this->answer($curve, $peak, $reason, $turns);
    }

    /** @param  list<float>  $turns */
    private function atMidpoint(FittedRun $curve, array $turns): MixtureResult
    {
        $peak = $curve->peakTurns() ?? 0.0;
        $below = $curve->edge(self::EDGE_SHARE, -1, $this->travelTurns);
        $above = $curve->edge(self::EDGE_SHARE, 1, $this->travelTurns);
        [$lean, $rich] = $this->outIsRicher ? [$below, $above] : [$above, $below];
        if ($lean !== null && ! $this->isReached($lean, $turns)) {
            return $this->unfinished(
                $this->moved($this->outIsRicher ? $turns[0] : $turns[count($turns) - 1], -self::QUARTER),
                NextReason::FindLeanEdge,
                $curve,
                $lean,
                $rich,
            );
        }
        $richLimit = $this->outIsRicher ? $this->travelTurns : self::SMALLEST_TURNS;
        $richest = $this->outIsRicher ? $turns[count($turns) - 1] : $turns[0];
        if ($rich !== null ? ! $this->isReached($rich, $turns) : abs($richest - $richLimit) > self::QUARTER) {
            return $this->unfinished(
                $this->moved($richest, self::QUARTER),
                NextReason::FindRichEdge,
                $curve,
                $lean,
                $rich,
            );
        }
        if ($lean === null) {
            return $this->atPeak($curve, $turns);
        }
        $answer = $rich === null ? $this->offFromLean($lean) : 0.5 * ($lean + $rich);
        $spread = $curve->edgeSpread(self::EDGE_SHARE, $below, $above);
        $reason = match (true) {
            2.0 * $spread <= 2.0 * self::EIGHTH => NextReason::WithinEighth,
            count($this->readings) >= 6
                && abs($curve->rpmAt($answer + self::EIGHTH) - $curve->rpmAt($answer)) < self::TACHOMETER_NOISE_RPM => NextReason::BelowNoise,
            default => NextReason::Narrow,
        };

        return $this->answer($curve, $answer, $reason, $turns, $lean, $rich, $rich === null);
    }

    /** The card's offset rich of the lean edge, within the screw's travel. */
    private function offFromLean(float $lean): float
    {
        $answer = $lean + ($this->outIsRicher ? 1.0 : -1.0) * $this->cardOffsetTurns;

        return max(self::EIGHTH, min($this->travelTurns, $answer));
    }

    /** @param  list<float>  $turns */
    private function answer(
        FittedRun $curve,
        float $answer,
        NextReason $reason,
        array $turns,
        ?float $lean = null,
        ?float $rich = null,
        bool $richEdgeMissing = false,
    ): MixtureResult {
        $done = $reason !== NextReason::Narrow;
        [$low, $high] = $curve->peakInterval();

        return new MixtureResult(
            school: $this->school,
            peakTurns: $curve->peakTurns(),
            peakLowTurns: $low,
            peakHighTurns: $high,
            peakRpm: $curve->rpmAt($curve->peakTurns() ?? $answer),
            recommendedTurns: $answer,
            nextTurns: $done ? null : $this->narrowing($turns, $answer),
            done: $done,
            reason: $reason,
            edges: new Edges(
                $lean ?? $curve->edge(self::EDGE_SHARE, $this->outIsRicher ? -1 : 1, $this->travelTurns),
                $rich ?? $curve->edge(self::EDGE_SHARE, $this->outIsRicher ? 1 : -1, $this->travelTurns),
                $richEdgeMissing,
            ),
            curve: $curve->points($turns[0], $turns[count($turns) - 1]),
        );
    }

    private function unfinished(
        float $next,
        NextReason $reason,
        ?FittedRun $curve = null,
        ?float $lean = null,
        ?float $rich = null,
    ): MixtureResult {
        $turns = $this->settings();
        $peak = $curve !== null && $this->isBracketed($curve, $turns) ? $curve->peakTurns() ?? 0.0 : null;
        [$low, $high] = $peak === null ? [null, null] : $curve->peakInterval();

        return new MixtureResult(
            school: $this->school,
            peakTurns: $peak,
            peakLowTurns: $low,
            peakHighTurns: $high,
            peakRpm: $peak === null ? null : $curve->rpmAt($peak),
            recommendedTurns: null,
            nextTurns: $next,
            done: false,
            reason: $reason,
            edges: new Edges($lean, $rich),
            curve: $curve?->points($turns[0], $turns[count($turns) - 1]) ?? [],
        );
    }

    /**
     * An untried eighth nearest the answer, so that no reading is taken twice.
     *
     * @param  list<float>  $turns
     */
    private function narrowing(array $turns, float $answer): float
    {
        $at = self::onEighth($answer);
        foreach ([0, 1, -1, 2, -2, 3, -3, 4, -4] as $steps) {
            $candidate = $at + $steps * self::EIGHTH;
            if (
                $candidate > 0.0
                && $candidate <= $this->travelTurns
                && abs($this->nearestTried($turns, $candidate) - $candidate) > 0.06
            ) {
                return $candidate;
            }
        }

        return $at;
    }

    /** @param  list<float>  $turns */
    private function widestGap(array $turns, float $around): float
    {
        $below = max([$turns[0], ...array_filter($turns, static fn (float $t): bool => $t < $around)]);
        $above = min([$turns[count($turns) - 1], ...array_filter($turns, static fn (float $t): bool => $t > $around)]);

        return $around - $below > $above - $around ? 0.5 * ($around + $below) : 0.5 * ($around + $above);
    }

    /** @param  list<float>  $turns */
    private function nearestTried(array $turns, float $to): float
    {
        usort($turns, static fn (float $a, float $b): int => abs($a - $to) <=> abs($b - $to));

        return $turns[0];
    }

    /** @param  list<float>  $turns */
    private function fallsBothSides(FittedRun $curve, float $peak, array $turns): bool
    {
        $drop = 2.0 * self::TACHOMETER_NOISE_RPM;

        return $curve->rpmAt($peak) - $curve->rpmAt($turns[0]) > $drop
            && $curve->rpmAt($peak) - $curve->rpmAt($turns[count($turns) - 1]) > $drop;
    }

    /** @param  list<float>  $turns */
    private function isReached(float $edge, array $turns): bool
    {
        return $edge >= $turns[0] - self::EIGHTH && $edge <= $turns[count($turns) - 1] + self::EIGHTH;
    }

    /** @param  float  $richer turns toward rich; negative toward lean */
    private function moved(float $from, float $richer): float
    {
        return self::onEighth(
            max(self::EIGHTH, min($this->travelTurns, $from + ($this->outIsRicher ? $richer : -$richer))),
        );
    }

    private static function onEighth(float $turns): float
    {
        return round($turns / self::EIGHTH) * self::EIGHTH;
    }
}

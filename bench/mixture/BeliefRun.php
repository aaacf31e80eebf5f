<?php

declare(strict_types=1);

namespace Bench\Mixture;

use DustyJet\Mixture\Edges;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\RichSide;
use DustyJet\Mixture\RichSideRun;
use DustyJet\Mixture\School;
use DustyJet\Mixture\UnusableRun;

/**
 * A candidate for DustyJet\Mixture\MixtureRun, scored beside it by bench/mixture.php: see there.
 *
 * Finds where a mixture screw belongs from readings of speed at one throttle setting.
 *
 * Every curve that the readings leave answers by the school, each with its weight: the answer is their middle, and what
 * is tried next is the setting that tells most about it.
 */
final readonly class BeliefRun
{
    /** A technician reads a tachometer to about this. Common practice. */
    private const TACHOMETER_NOISE_RPM = 15.0;

    private const WITHIN_REACH = 0.8;

    /** The edges of the midpoint school: speed a twentieth below the peak. */
    private const EDGE_SHARE = 0.95;

    private const SMALLEST_TURNS = 1.0 / 16.0;

    private const QUARTER = 0.25;

    private const EIGHTH = 0.125;

    /** As sure as this, from so many readings and so many settings near the answer, and it is found. */
    private const SURE = 0.95;

    private const FEWEST_READINGS = 5;

    private const FEWEST_NEAR = 3;

    private const NEAR_TURNS = 0.5;

    private const WIDEST_TURNS = 0.7;

    /** Nobody is sent where the engine is expected to labor so. */
    private const TOO_SLOW = 0.7;

    private const LABORS = 0.3;

    /** A setting that was tried is worth so much again. */
    private const AGAIN = 0.8;

    private const SAME_TURNS = 0.06;

    private const SLACK = 1e-9;

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

        return $this->decided($curve, $turns);
    }

    /** @return list<float> the settings tried, leanest turns first */
    private function settings(): array
    {
        $turns = array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), $this->readings);
        $turns = array_values(array_unique($turns));
        sort($turns);

        return $turns;
    }

    private function curve(): ?BeliefCurve
    {
        $best = max(array_map(static fn (MixtureReading $r): float => $r->speed->inRpm(), $this->readings));
        $near = array_values(
            array_filter(
                $this->readings,
                static fn (MixtureReading $r): bool => $r->speed->inRpm() >= self::WITHIN_REACH * $best,
            ),
        );
        $data = array_map(
            static fn (MixtureReading $r): array => [$r->turns->inTurns(), $r->speed->inRpm()],
            $near,
        );

        return $data === [] || count(array_unique(array_column($data, 0))) < 3
            ? null
            : BeliefCurve::through($data, self::TACHOMETER_NOISE_RPM, $this->travelTurns, $this->outIsRicher);
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
    private function pastTheBest(array $turns): MixtureResult
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
        );
    }

    /** @param  list<float>  $turns */
    private function decided(BeliefCurve $curve, array $turns): MixtureResult
    {
        $answer = $this->answerOf(...);
        [$low, $at, $high] = $curve->answer($answer);
        $near = array_filter($turns, static fn (float $t): bool => abs($t - $at) <= self::NEAR_TURNS);
        $isKnown = count($this->readings) >= self::FEWEST_READINGS
            && count($near) >= self::FEWEST_NEAR
            && $high - $low <= self::WIDEST_TURNS
            && $curve->sureOf($at, $answer, self::EIGHTH) >= self::SURE;
        $next = $isKnown ? null : $this->telling($curve, $turns, $answer);
        $reason = match (true) {
            $next === null => $high - $low <= 2.0 * self::EIGHTH + self::SLACK ? NextReason::WithinEighth : NextReason::BelowNoise,
            $next < $turns[0] => $this->outIsRicher ? NextReason::FindLeanEdge : NextReason::FindRichEdge,
            $next > $turns[count($turns) - 1] => $this->outIsRicher ? NextReason::FindRichEdge : NextReason::FindLeanEdge,
            default => NextReason::Narrow,
        };

        return $this->answer($curve, $at, $reason, $next, $turns);
    }

    /** Where a curve leaves the screw by this school. */
    private function answerOf(Hypothesis $h): float
    {
        if ($this->school === School::Peak) {
            return $h->peak;
        }
        [$leanSide, $richSide] = $this->outIsRicher ? [-1, 1] : [1, -1];
        $lean = $h->edge(self::EDGE_SHARE, $leanSide);
        $rich = $h->edge(self::EDGE_SHARE, $richSide);
        $isOnScrew = static fn (?float $edge, float $travel): bool => $edge !== null && $edge >= self::SMALLEST_TURNS && $edge <= $travel;
        $lean = $isOnScrew($lean, $this->travelTurns) ? (float) $lean : ($this->outIsRicher ? self::SMALLEST_TURNS : $this->travelTurns);

        return $isOnScrew($rich, $this->travelTurns) ? 0.5 * ($lean + (float) $rich) : $this->offFromLean($lean);
    }

    /**
     * The eighth, no more than half a turn beyond what was tried, whose reading is expected to say most about the answer.
     *
     * @param  list<float>  $turns
     * @param  callable(Hypothesis): float  $answer
     */
    private function telling(BeliefCurve $curve, array $turns, callable $answer): float
    {
        $from = max(self::EIGHTH, self::onEighth($turns[0] - self::NEAR_TURNS));
        $to = min($this->travelTurns, self::onEighth($turns[count($turns) - 1] + self::NEAR_TURNS));
        $best = $curve->rpmAt($curve->peakTurns());
        $most = null;
        for ($at = $from; $at <= $to + self::SLACK; $at += self::EIGHTH) {
            $isTried = abs($this->nearestTried($turns, $at) - $at) < self::SAME_TURNS;
            $worth = $curve->rpmAt($at) < self::TOO_SLOW * $best ? self::LABORS : 1.0;
            $tells = $worth * ($isTried ? self::AGAIN : 1.0) * $curve->tells($at, $answer);
            $most = $most === null || $tells > $most[1] ? [$at, $tells] : $most;
        }

        return $most === null || $most[1] <= 0.0 ? $this->narrowing($turns, $curve->answer($answer)[1]) : $most[0];
    }

    /** The card's offset rich of the lean edge, within the screw's travel. */
    private function offFromLean(float $lean): float
    {
        $answer = $lean + ($this->outIsRicher ? 1.0 : -1.0) * $this->cardOffsetTurns;

        return max(self::EIGHTH, min($this->travelTurns, $answer));
    }

    /** @param  list<float>  $turns */
    private function answer(BeliefCurve $curve, float $answer, NextReason $reason, ?float $next, array $turns): MixtureResult
    {
        [$low, $high] = $curve->peakInterval();
        $rich = $curve->edge(self::EDGE_SHARE, $this->outIsRicher ? 1 : -1, $this->travelTurns);

        return new MixtureResult(
            school: $this->school,
            peakTurns: $curve->peakTurns(),
            peakLowTurns: $low,
            peakHighTurns: $high,
            peakRpm: $curve->rpmAt($curve->peakTurns()),
            recommendedTurns: $answer,
            nextTurns: $next,
            done: $next === null,
            reason: $reason,
            edges: new Edges(
                $curve->edge(self::EDGE_SHARE, $this->outIsRicher ? -1 : 1, $this->travelTurns),
                $rich,
                $this->school === School::Midpoint && $rich === null,
            ),
            curve: $curve->points($turns[0], $turns[count($turns) - 1]),
        );
    }

    private function unfinished(float $next, NextReason $reason): MixtureResult
    {
        return new MixtureResult(
            school: $this->school,
            peakTurns: null,
            peakLowTurns: null,
            peakHighTurns: null,
            peakRpm: null,
            recommendedTurns: null,
            nextTurns: $next,
            done: false,
            reason: $reason,
            edges: new Edges,
            curve: [],
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

<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Finds where H of a two-stroke belongs at full throttle without load: where its flutter just clears, from the rich side.
 *
 * Its fuel carries the oil, and a lean engine revs higher without more power, then seizes: nothing leaner than the
 * fastest reading is ever proposed, nothing that may be lean of its peak, no answer whose speed may pass the maker's
 * maximum; a reading above that maximum or on the lean side of the fastest is a stop. Speed and ear are judged together,
 * and either alone will do. Common practice.
 */
final readonly class FlutterRun
{
    /** Slower by this is slower: twice what a tachometer wavers. From memory. */
    private const SLOWER = 2.0;

    private const HALF = 0.5;

    /** A mixture that is surely not lean of the fastest, and how much doubt of that is borne. From memory. */
    private const SAFE_PHI = 1.14;

    private const DOUBT = 0.05;

    /** Where the fastest still flutters it is surely rich: more doubt of what lies a step in is borne. From memory. */
    private const DOUBT_OF_FLUTTER = 0.3;

    /** What was read so often there says no more; the fastest, and what is leaner, is not gone back to. */
    private const MOST_TIMES = 2;

    private const SURE = 0.95;

    private const FEWEST_READINGS = 4;

    private const FEWEST_NEAR = 3;

    private const WITHIN = 0.125;

    /** A setting that was tried is worth so much again. */
    private const AGAIN = 0.5;

    /** So many steps richer are tried for a setting nobody read. */
    private const ONWARD = 4;

    /** Of its speed, gained by the last quarter turn in. From memory. */
    private const GAINS_MUCH = 0.045;

    private const GAINS_SOME = 0.012;

    private const FEWEST_SETTINGS = 2;

    private RunReadings $readings;

    /** @param  non-empty-list<MixtureReading>  $readings */
    private function __construct(array $readings, private MixtureScrew $screw)
    {
        $this->readings = new RunReadings($readings, $screw);
    }

    /** @param  non-empty-list<MixtureReading>  $readings in the order taken */
    public static function judge(array $readings, MixtureScrew $screw): MixtureResult
    {
        return (new self($readings, $screw))->result();
    }

    private function result(): MixtureResult
    {
        $last = $this->readings->last();
        $over = $this->readings->richestOver();
        $fastest = $this->readings->fastest();
        if ($this->screw->isOver($last->rpm()) || ($over !== null && $fastest === null)) {
            return $this->backFrom($over ?? $last, $fastest);
        }
        if ($fastest === null) {
            return $this->next($this->screw->richer($last->turns->inTurns(), self::HALF), NextReason::ItDied);
        }
        $best = $fastest->turns->inTurns();
        if ($this->screw->compare($last->turns->inTurns(), $best) < 0) {
            return $this->next($this->screw->richer($best, $this->backBy($best)), NextReason::LeanOfFastest);
        }

        return $this->isRichSideKnown($fastest) ? $this->decided($fastest) : $this->richer();
    }

    /** Richer than what ran too fast, and not lean of the fastest that ran clean within the maximum. */
    private function backFrom(MixtureReading $over, ?MixtureReading $fastest): MixtureResult
    {
        $next = $this->screw->richer($over->turns->inTurns(), $this->screw->coarse());
        $best = $fastest === null || $this->readings->flutters($fastest) ? $next : $fastest->turns->inTurns();

        return $this->next($this->screw->compare($next, $best) < 0 ? $best : $next, NextReason::OverTheMaximum);
    }

    /** A step where it is known to flutter richer than the fastest, two where it is not. */
    private function backBy(float $fastest): float
    {
        $flutters = $this->readings->leanest(Mark::Flutter);
        $isKnown = $flutters !== null && $this->screw->compare($flutters, $fastest) > 0;

        return $isKnown ? $this->screw->step : $this->screw->coarse();
    }

    /** Whether it was heard to flutter, or ran clearly slower somewhere richer than the fastest. */
    private function isRichSideKnown(MixtureReading $fastest): bool
    {
        if ($this->readings->running() < self::FEWEST_SETTINGS) {
            return $this->readings->isHeard(Mark::Flutter);
        }
        foreach ($this->readings->all as $reading) {
            $isRicher = $this->screw->compare($reading->turns->inTurns(), $fastest->turns->inTurns()) > 0;
            if ($isRicher && $reading->speed !== null && $reading->rpm() <= $fastest->rpm() - self::SLOWER * $this->screw->sigmaRpm) {
                return true;
            }
        }

        return $this->readings->isHeard(Mark::Flutter);
    }

    /** It may be lean: half a turn richer where it was heard to run clean, else a quarter. */
    private function richer(): MixtureResult
    {
        $isClean = $this->readings->isHeard(Mark::Clean);
        $richest = $this->readings->farthest(1);
        $next = $this->screw->richer($richest, $isClean ? self::HALF : $this->screw->coarse());

        $reason = $isClean ? NextReason::RunsClean : NextReason::FromTheRichSide;

        return $this->next($this->readings->shortOfDead($next), $reason);
    }

    private function decided(MixtureReading $fastest): MixtureResult
    {
        $clears = static fn (SpeedCurve $c): float => $c->turnsOf(Mark::FLUTTER_PHI);
        $curve = RunCurve::through($this->readings->all, $this->screw, $clears, isFullThrottle: true);
        if ($curve === null) {
            return $this->richer();
        }
        $found = $curve->answer();
        $answer = $this->safely($curve, $found, $fastest);
        $isKnown = count($this->readings->all) >= self::FEWEST_READINGS
            && $this->readings->near($found->turns, self::HALF) >= self::FEWEST_NEAR
            && $curve->sureOf($answer->turns, self::WITHIN) >= self::SURE;
        $next = $isKnown ? null : $this->telling($curve, $fastest);

        return new MixtureResult(
            school: School::Flutter,
            reason: $next === null ? NextReason::FlutterClears : NextReason::Narrow,
            nextTurns: $next,
            done: $next === null,
            answer: $answer,
            peak: $curve->peak(),
            peakRpm: $curve->rpmAt($curve->peak()->turns),
            curve: $curve->points($this->readings->fewest(), $this->readings->most()),
        );
    }

    /**
     * Never leaner than the fastest where that does not flutter, nor than anything that was read; richer by a step where it
     * may be lean of its peak.
     */
    private function safely(RunCurve $curve, Estimate $found, MixtureReading $fastest): Estimate
    {
        $best = $fastest->turns->inTurns();
        $isLean = ! $this->readings->flutters($fastest) && $this->screw->compare($found->turns, $best) < 0;
        $leanest = $this->readings->farthest(-1);
        $at = $isLean ? $best : $found->turns;
        $at = $this->screw->compare($at, $leanest) < 0 ? $leanest : $at;
        if ($curve->leanerThan(self::SAFE_PHI, $at) > self::DOUBT) {
            $richer = $this->screw->richer($best, $this->screw->step);
            $at = $this->screw->compare($at, $richer) < 0 ? $richer : $at;
        }
        $over = $this->readings->richestOver()?->turns->inTurns();
        $within = $over === null ? $at : $this->screw->richer($over, $this->screw->step);

        return $found->at($this->screw->compare($at, $within) < 0 ? $within : $at);
    }

    /** The step whose speed and sound are expected to say most, of those that are surely not lean of the fastest. */
    private function telling(RunCurve $curve, MixtureReading $fastest): ?float
    {
        $lean = $fastest->turns->inTurns();
        if ($this->readings->flutters($fastest) || ! $this->readings->isHeard(Mark::Clean)) {
            $lean = $this->screw->richer($lean, -$this->stepIn($fastest));
        }
        $flutters = $this->readings->leanest(Mark::Flutter);
        // A flutter leaner than what runs fastest was a slip of the ear.
        $isSlip = $flutters !== null && $this->screw->compare($flutters, $fastest->turns->inTurns()) < 0;
        $flutters = $isSlip ? null : $flutters;
        $rich = $flutters === null
            ? $this->screw->richer($this->readings->farthest(1), self::HALF)
            : $flutters;
        $over = $this->readings->richestOver()?->turns->inTurns();
        $doubt = $this->readings->flutters($fastest) ? self::DOUBT_OF_FLUTTER : self::DOUBT;
        $most = [$this->plainStep($curve, $fastest, $flutters), 0.0];
        foreach ($this->screw->steps(min($lean, $rich), max($lean, $rich)) as $at) {
            $isOver = $over !== null && $this->screw->compare($at, $over) <= 0;
            $isRicher = $this->screw->compare($at, $fastest->turns->inTurns()) > 0;
            $isReadOften = $this->readings->times($at) >= ($isRicher ? self::MOST_TIMES : 1);
            $isDead = $this->readings->shortOfDead($at) !== $at;
            $mayNot = $isOver || $isReadOften || $isDead || $this->mayBeOver($curve, $at);
            if ($mayNot || $curve->leanerThan(self::SAFE_PHI, $at) > $doubt) {
                continue;
            }
            $tells = $curve->speedTells($at) + $curve->flutterTells($at);
            $tells *= $this->readings->isTried($at) ? self::AGAIN : 1.0;
            $most = $tells > $most[1] ? [$at, $tells] : $most;
        }

        return $most[0];
    }

    /**
     * How far in of the fastest the next may lie: a quarter while a quarter gains much speed, a step while it gains some,
     * nothing once it hardly gains: there the top is near, whatever an ear said.
     */
    private function stepIn(MixtureReading $fastest): float
    {
        $gain = $this->readings->gainPerQuarter($fastest);

        return match (true) {
            $gain === null || $gain >= self::GAINS_MUCH => $this->screw->coarse(),
            $gain >= self::GAINS_SOME => $this->screw->step,
            default => 0.0,
        };
    }

    /** Where nothing is sure: a step in from a flutter, or halfway from what ran clean to what fluttered. */
    private function plainStep(RunCurve $curve, MixtureReading $fastest, ?float $flutters): ?float
    {
        $best = $fastest->turns->inTurns();
        $richer = $this->screw->richer($best, $this->screw->step);
        $next = match (true) {
            $this->readings->flutters($fastest) && $this->stepIn($fastest) > 0.0 => $this->screw->richer($best, -$this->screw->step),
            $flutters === null => $richer,
            default => $this->screw->onStep(0.5 * ($best + $flutters)),
        };
        $over = $this->readings->richestOver()?->turns->inTurns();
        $isOver = ($over !== null && $this->screw->compare($next, $over) <= 0) || $this->mayBeOver($curve, $next);
        foreach ([$isOver ? $richer : $next, ...$this->screw->stepsRicher($best, self::ONWARD)] as $at) {
            if (! $this->readings->isTried($at) && $this->readings->shortOfDead($at) === $at) {
                return $at;
            }
        }

        return null;
    }

    private function mayBeOver(RunCurve $curve, float $at): bool
    {
        return $this->screw->isOver($curve->rpmAt($at) + $this->screw->sigmaRpm);
    }

    private function next(float $turns, NextReason $reason): MixtureResult
    {
        return new MixtureResult(School::Flutter, $reason, $turns);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Finds where a mixture screw belongs from readings of speed, and of what was heard, at one throttle setting.
 *
 * Every curve that the readings leave answers by the school, each with its weight: the answer is their middle, and what
 * is tried next is the setting that tells most about it. H of a two-stroke has a run of its own, and so has a screw whose
 * engine a governor holds at its speed: see FlutterRun, HeardRun.
 */
final readonly class MixtureRun
{
    /** The edges of the midpoint school: speed a twentieth below the peak. */
    private const EDGE_SHARE = 0.95;

    private const QUARTER = 0.25;

    private const EIGHTH = 0.125;

    /** As sure as this, from so many readings and so many settings near the answer, and it is found. */
    private const SURE = 0.95;

    private const FEWEST_READINGS = 5;

    private const FEWEST_NEAR = 3;

    private const NEAR_TURNS = 0.5;

    /** Wider than this it is not known where it is flat; after so many readings flat is what it is. */
    private const WIDEST_TURNS = 0.7;

    private const ENOUGH_READINGS = 8;

    /** Where the engine is expected to labor so, a reading is worth less. */
    private const TOO_SLOW = 0.7;

    private const LABORS = 0.3;

    /** A setting that was tried is worth so much again. */
    private const AGAIN = 0.8;

    private const FEWEST_SETTINGS = 3;

    private RunReadings $readings;

    /** @param  non-empty-list<MixtureReading>  $readings */
    private function __construct(array $readings, private School $school, private MixtureScrew $screw)
    {
        $this->readings = new RunReadings($readings, $screw);
    }

    /**
     * @param  non-empty-list<MixtureReading>  $readings in the order taken
     *
     * @throws UnusableRun If what was heard contradicts itself.
     */
    public static function judge(
        array $readings,
        School $school,
        MixtureScrew $screw = new MixtureScrew,
    ): MixtureResult {
        OrderOfMarks::check($readings, $screw);

        return match (true) {
            $school === School::Flutter => FlutterRun::judge($readings, $screw),
            HeardRun::isFor($readings, $school, $screw) => HeardRun::judge($readings, $school, $screw),
            default => (new self($readings, $school, $screw))->result(),
        };
    }

    private function result(): MixtureResult
    {
        if ($this->readings->last()->hasDied()) {
            return $this->afterItDied();
        }
        if ($this->readings->running() < self::FEWEST_SETTINGS) {
            return $this->goOn();
        }
        $curve = RunCurve::through($this->readings->all, $this->screw, $this->answerOf(...));

        return $curve === null ? $this->pastTheBest() : $this->decided($curve);
    }

    /** Back toward where it ran; where it never ran, richer. */
    private function afterItDied(): MixtureResult
    {
        $fastest = $this->readings->fastest();
        $dead = $this->readings->last()->turns->inTurns();
        $next = $fastest === null
            ? $this->screw->richer($dead, self::QUARTER)
            : $this->screw->onStep(0.5 * ($dead + $fastest->turns->inTurns()));

        return new MixtureResult($this->school, NextReason::ItDied, $next);
    }

    /** One or two settings known: a quarter turn on, to the faster side. */
    private function goOn(): MixtureResult
    {
        $settings = $this->readings->settings;
        $leanest = $this->readings->farthest(-1);
        $goLean = count($settings) > 1 && $this->readings->fastest()?->turns->inTurns() === $leanest;
        $from = $goLean ? $leanest : $this->readings->farthest(1);

        return new MixtureResult(
            $this->school,
            count($settings) === 1 ? NextReason::StartLean : NextReason::FindPeak,
            $this->readings->shortOfDead($this->screw->richer($from, $goLean ? -self::QUARTER : self::QUARTER)),
        );
    }

    /** No curve at all through three settings and more: a quarter turn beyond the end that is fastest. */
    private function pastTheBest(): MixtureResult
    {
        $best = $this->readings->fastest()?->turns->inTurns() ?? $this->readings->farthest(1);
        $side = $best === $this->readings->farthest(-1) ? -1.0 : 1.0;
        $next = $this->screw->richer($this->readings->farthest((int) $side), $side * self::QUARTER);

        return new MixtureResult($this->school, NextReason::FindPeak, $this->readings->shortOfDead($next));
    }

    private function decided(RunCurve $curve): MixtureResult
    {
        $found = $curve->answer();
        $isKnown = count($this->readings->all) >= self::FEWEST_READINGS
            && $this->readings->near($found->turns, self::NEAR_TURNS) >= self::FEWEST_NEAR
            && ($found->width() <= self::WIDEST_TURNS || count($this->readings->all) >= self::ENOUGH_READINGS)
            && $curve->sureOf($found->turns, self::EIGHTH, $this->screw->sigmaRpm) >= self::SURE;
        $next = $isKnown ? null : $this->telling($curve);
        $rich = $curve->edge(self::EDGE_SHARE, 1);

        return new MixtureResult(
            school: $this->school,
            reason: $this->reason($next, $found),
            nextTurns: $next,
            done: $isKnown,
            answer: $found,
            peak: $curve->peak(),
            peakRpm: $curve->rpmAt($curve->peak()->turns),
            edges: new Edges(
                $curve->edge(self::EDGE_SHARE, -1),
                $rich,
                $this->school === School::Midpoint && $rich === null,
            ),
            curve: $curve->points($this->readings->fewest(), $this->readings->most()),
        );
    }

    private function reason(?float $next, Estimate $found): NextReason
    {
        return match (true) {
            $next === null => $found->width() <= 2.0 * self::EIGHTH ? NextReason::WithinEighth : NextReason::BelowNoise,
            $this->screw->compare($next, $this->readings->farthest(-1)) < 0 => NextReason::FindLeanEdge,
            $this->screw->compare($next, $this->readings->farthest(1)) > 0 => NextReason::FindRichEdge,
            default => NextReason::Narrow,
        };
    }

    /** Where a curve leaves the screw by this school. */
    private function answerOf(SpeedCurve $curve): float
    {
        if ($this->school === School::Peak) {
            return $curve->peak;
        }
        $lean = $this->onScrew($curve->edge(self::EDGE_SHARE, -1));
        $rich = $this->onScrew($curve->edge(self::EDGE_SHARE, 1));
        $lean ??= $this->screw->outIsRicher ? Shape::LEAST_TURNS : $this->screw->travel;
        $offset = $lean + $this->screw->rich() * $this->screw->offset;

        return $rich === null
            ? max(Shape::LEAST_TURNS, min($this->screw->travel, $offset))
            : 0.5 * ($lean + $rich);
    }

    private function onScrew(?float $edge): ?float
    {
        return $edge === null || $edge < Shape::LEAST_TURNS || $edge > $this->screw->travel ? null : $edge;
    }

    /** The step, no more than half a turn beyond what was tried, whose reading is expected to say most of the answer. */
    private function telling(RunCurve $curve): float
    {
        $steps = $this->screw->steps(
            $this->readings->fewest() - self::NEAR_TURNS,
            $this->readings->most() + self::NEAR_TURNS,
        );
        $best = $curve->rpmAt($curve->peak()->turns);
        $most = [$this->screw->onStep($curve->answer()->turns), 0.0];
        [$dead, $deadBeyond] = $this->readings->deadAround($curve->peak()->turns);
        foreach ($steps as $at) {
            if ($at <= $dead || $at >= $deadBeyond) {
                continue;
            }
            $worth = $curve->rpmAt($at) < self::TOO_SLOW * $best ? self::LABORS : 1.0;
            $tells = $worth * ($this->readings->isTried($at) ? self::AGAIN : 1.0) * $curve->speedTells($at);
            $most = $tells > $most[1] ? [$at, $tells] : $most;
        }

        return $most[0];
    }
}

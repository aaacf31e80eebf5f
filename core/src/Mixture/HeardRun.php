<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Finds the middle between the lean stumble and the rich one by ear alone, where nobody has a tachometer on it, or a
 * governor holds the speed so that one says nothing: out until it is rough rich, in until it is rough lean, then to and
 * fro where the ear still tells most, and half-way. A screw whose speed nothing holds is an idle screw, and is leaned at
 * idle only. Common practice.
 *
 * @internal
 */
final readonly class HeardRun
{
    private const HALF = 0.5;

    /** Between the stumbles speed is flat: an eighth more or less is nothing there. */
    private const WITHIN = 0.1875;

    private const SURE = 0.9;

    private const FEWEST_READINGS = 6;

    private const MOST_READINGS = 14;

    private const SLACK = 1e-9;

    private RunReadings $readings;

    /** @param  non-empty-list<MixtureReading>  $readings in the order taken */
    private function __construct(array $readings, private School $school, private MixtureScrew $screw)
    {
        $this->readings = new RunReadings($readings, $screw);
    }

    /**
     * Whether this run is for it: it is listened to more than read, or the speed is held and something lean or rich was
     * heard.
     *
     * @param  non-empty-list<MixtureReading>  $readings
     */
    public static function isFor(array $readings, School $school, MixtureScrew $screw): bool
    {
        $isRough = static fn (MixtureReading $r): bool => ($r->side() ?? 0) !== 0;

        $isHeld = $screw->isSpeedHeld && array_filter($readings, $isRough) !== [];

        return $school !== School::Flutter && ($isHeld || (new RunReadings($readings, $screw))->isByEar());
    }

    /** @param  non-empty-list<MixtureReading>  $readings in the order taken */
    public static function judge(array $readings, School $school, MixtureScrew $screw): MixtureResult
    {
        return (new self($readings, $school, $screw))->result();
    }

    private function result(): MixtureResult
    {
        $sides = array_map($this->side(...), $this->readings->all);
        $richest = $this->screw->richer($this->readings->farthest(1), self::HALF);
        $spans = $this->readings->most() - $this->readings->fewest();
        $isFurther = abs($richest - $this->readings->farthest(1)) > self::SLACK && $spans < HeardEdges::WIDEST;
        if (! in_array(1, $sides, true) && $isFurther) {
            return $this->next($richest, NextReason::RicherTillRough);
        }
        if (! in_array(-1, $sides, true)) {
            $reason = $this->screw->isSpeedHeld ? NextReason::LeanerTillRough : NextReason::LeanerAtIdle;

            return $this->next($this->screw->richer($this->readings->farthest(-1), -self::HALF), $reason);
        }
        $heard = [];
        foreach ($this->readings->all as $i => $reading) {
            if ($sides[$i] !== null) {
                $heard[] = [$this->screw->rich() * $reading->turns->inTurns(), $sides[$i]];
            }
        }
        $edges = HeardEdges::of($heard, $this->screw);
        $answer = $edges->answer();
        $count = count($this->readings->all);
        $isKnown = $count >= self::FEWEST_READINGS
            && ($edges->sureOf($answer->turns, self::WITHIN) >= self::SURE || $count >= self::MOST_READINGS);
        $next = $isKnown ? null : $edges->telling($this->screw->steps(
            $this->readings->fewest() - self::HALF,
            $this->readings->most() + self::HALF,
        ));

        return new MixtureResult(
            school: $this->school,
            reason: $isKnown ? NextReason::BetweenTheStumbles : NextReason::NarrowByEar,
            nextTurns: $next === null ? null : $this->readings->shortOfDead($next),
            done: $isKnown,
            answer: $answer,
            edges: $edges->middle(),
        );
    }

    private function next(float $turns, NextReason $reason): MixtureResult
    {
        return new MixtureResult($this->school, $reason, $this->readings->shortOfDead($turns));
    }

    /** -1, 0 or 1, or null; an engine that died says on which side by where the others ran. */
    private function side(MixtureReading $reading): ?int
    {
        if (! $reading->hasDied()) {
            return $reading->side();
        }
        $ran = $this->readings->ran();

        return $ran === null || $this->screw->compare($reading->turns->inTurns(), $ran) < 0 ? -1 : 1;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Carburetor\Card;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;
use WeakMap;

/** What the readings of a screw say so far, by the school it is set by. */
final readonly class RunSoFar
{
    /** Two settings nearer than this are one. */
    private const SAME_TURNS = 0.0625;

    /** The screw must have been read. */
    public static function judged(AdjusterState $state, Card $card): MixtureResult
    {
        /** @var WeakMap<AdjusterState, MixtureResult> $known what never changes is judged once */
        static $known = new WeakMap;
        $result = $known[$state] ?? self::within($state, self::uncapped($state, $card), $card);
        $known[$state] = $result;

        return $result;
    }

    /** Nothing is proposed beyond a limiter cap; a stop stays a stop. */
    private static function within(AdjusterState $state, MixtureResult $free, Card $card): MixtureResult
    {
        $caps = $state->caps;
        if ($caps === null) {
            return $free;
        }
        $answer = $free->answer === null ? null : $caps->nearest($free->answer->turns);
        $isLean = $answer !== null && self::mayNotBeLeftAt($state, $answer, $free, $card);
        $next = $free->nextTurns === null ? null : $caps->nearest($free->nextTurns);
        $isMoved = $next !== $free->nextTurns;
        $isRead = static fn (MixtureReading $r): bool => abs($r->turns->inTurns() - ($next ?? 0.0)) < self::SAME_TURNS;
        $isAtCap = $isMoved && ! $free->reason->isStop() && array_filter($state->readings, $isRead) !== [];

        return $free->proposing(
            $isLean ? null : $answer,
            $isAtCap ? null : $next,
            $isAtCap ? NextReason::AtItsCap : $free->reason,
        );
    }

    /** An old log may hold what contradicts itself: then what was heard is passed over. */
    private static function uncapped(AdjusterState $state, Card $card): MixtureResult
    {
        \assert($state->readings !== []);
        $screw = self::screw($state, $card);
        try {
            return MixtureRun::judge($state->readings, $state->school, $screw);
        } catch (UnusableRun) {
            $speeds = array_values(array_map(
                static fn (MixtureReading $r): MixtureReading => new MixtureReading(
                    $r->turns, $r->speed, $r->speed === null ? [Mark::Dies] : [],
                ),
                array_filter($state->readings, static fn (MixtureReading $r): bool => ! $r->isByEar()),
            ));
            $last = $state->readings[count($state->readings) - 1];

            return MixtureRun::judge($speeds === [] ? [$last] : $speeds, $state->school, $screw);
        }
    }

    /**
     * The fastest reading where leaving the screw at these turns may be lean of it, on a two-stroke's H: there or leaner,
     * unless the flutter was heard to clear there.
     */
    public static function leanOf(AdjusterState $state, Turns $turns, Card $card): ?MixtureReading
    {
        if ($state->school !== School::Flutter || $state->readings === []) {
            return null;
        }
        $isLean = self::mayNotBeLeftAt($state, $turns->inTurns(), self::judged($state, $card), $card);

        return $isLean ? self::fastest($state) : null;
    }

    private static function mayNotBeLeftAt(AdjusterState $state, float $turns, MixtureResult $result, Card $card): bool
    {
        $fastest = self::fastest($state);
        if ($state->school !== School::Flutter || $fastest === null) {
            return false;
        }
        $screw = self::screw($state, $card);
        $isRicher = $screw->compare($turns, $fastest->turns->inTurns()) > 0;
        $answer = $result->done && $result->answer !== null ? $screw->onStep($result->answer->turns) : null;

        return ! $isRicher && ($answer === null || $screw->compare($turns, $answer) < 0);
    }

    private static function fastest(AdjusterState $state): ?MixtureReading
    {
        $fastest = null;
        foreach ($state->readings as $reading) {
            $isFaster = $reading->speed !== null && $reading->rpm() > ($fastest?->rpm() ?? 0.0);
            $fastest = $isFaster ? $reading : $fastest;
        }

        return $fastest;
    }

    /** What a run of this screw rests on. */
    public static function screw(AdjusterState $state, Card $card): MixtureScrew
    {
        $book = $state->adjuster->book;

        return new MixtureScrew(
            $state->adjuster->sense->outIsRicher(),
            $book->step->inTurns(),
            $book->offset->inTurns(),
            $state->school === School::Flutter ? $card->topRpm[1] ?? null : null,
            isSpeedHeld: $card->isGoverned && $state->adjuster->judge !== null,
        );
    }
}

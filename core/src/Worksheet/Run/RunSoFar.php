<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Carburetor\Card;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\RichSide;
use DustyJet\Mixture\RichSideRun;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Caps;

/** What the readings of a screw say so far, by the school it is set by. */
final readonly class RunSoFar
{
    /** Two settings nearer than this are one. */
    private const SAME_TURNS = 0.0625;

    /** The screw must have been read. */
    public static function judged(AdjusterState $state, Card $card): MixtureResult
    {
        $free = self::uncapped($state, $card);

        return $state->caps === null ? $free : self::within($state->caps, $free, $state, $card);
    }

    /** Nothing is proposed beyond a limiter cap; a stop stays a stop. */
    private static function within(Caps $caps, MixtureResult $free, AdjusterState $state, Card $card): MixtureResult
    {
        $answer = $free->recommendedTurns === null ? null : $caps->nearest($free->recommendedTurns);
        $isLean = $answer !== null && self::leanOf($state, Turns::ofUnits((int) round(48.0 * $answer)), $card) !== null;
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

    private static function uncapped(AdjusterState $state, Card $card): MixtureResult
    {
        \assert($state->readings !== []);
        $adjuster = $state->adjuster;
        $book = $adjuster->book;
        if ($state->school === School::RichSide) {
            return RichSideRun::judge($state->readings, self::richSide($state, $card));
        }

        return MixtureRun::judge(
            $state->readings,
            $state->school,
            $adjuster->sense->outIsRicher(),
            cardOffsetTurns: $book->offset->inTurns(),
        );
    }

    /** The fastest reading where leaving the screw at these turns would not be richer than it, on a rich-side run. */
    public static function leanOf(AdjusterState $state, Turns $turns, Card $card): ?MixtureReading
    {
        if ($state->school !== School::RichSide || $state->readings === []) {
            return null;
        }
        $fastest = $state->readings[0];
        foreach ($state->readings as $reading) {
            $fastest = $reading->speed->inRpm() > $fastest->speed->inRpm() ? $reading : $fastest;
        }
        $isRicher = self::richSide($state, $card)->compare($turns->inTurns(), $fastest->turns->inTurns()) > 0;

        return $isRicher ? null : $fastest;
    }

    private static function richSide(AdjusterState $state, Card $card): RichSide
    {
        $book = $state->adjuster->book;

        return new RichSide(
            $state->adjuster->sense->outIsRicher(),
            $book->step->inTurns(),
            $book->offset->inTurns(),
            $card->topRpm[1] ?? null,
        );
    }
}

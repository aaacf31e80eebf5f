<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Carburetor\Card;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\RichSide;
use DustyJet\Mixture\RichSideRun;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;

/** What the readings of a screw say so far, by the school it is set by. */
final readonly class RunSoFar
{
    /** The screw must have been read. */
    public static function judged(AdjusterState $state, Card $card): MixtureResult
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

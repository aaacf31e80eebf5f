<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Carburetor\Card;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\RichSide;
use DustyJet\Mixture\RichSideRun;
use DustyJet\Mixture\School;
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
            return RichSideRun::judge($state->readings, new RichSide(
                $adjuster->sense->outIsRicher(),
                $book->step->inTurns(),
                $book->offset->inTurns(),
                $card->topRpm[1] ?? null,
            ));
        }

        return MixtureRun::judge(
            $state->readings,
            $state->school,
            $adjuster->sense->outIsRicher(),
            cardOffsetTurns: $book->offset->inTurns(),
        );
    }
}

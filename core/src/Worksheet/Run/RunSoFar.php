<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Worksheet\Screws\AdjusterState;

/** What the readings of a screw say so far, by the school it is set by. */
final readonly class RunSoFar
{
    /** The screw must have been read. */
    public static function judged(AdjusterState $state): MixtureResult
    {
        \assert($state->readings !== []);
        $adjuster = $state->adjuster;

        return MixtureRun::judge(
            $state->readings,
            $state->school,
            $adjuster->sense->outIsRicher(),
            cardOffsetTurns: $adjuster->book->offset->inTurns(),
        );
    }
}

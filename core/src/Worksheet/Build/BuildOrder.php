<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Build;

use DustyJet\Carburetor\InSentence;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\TrayPart;

/** Why a part goes in now. */
final readonly class BuildOrder
{
    /** @return string|null such as "The float hides it: before the float"; null where nothing that waits rests on it */
    public static function why(Build $build, TrayPart $part): ?string
    {
        foreach ($build->tray->plan->goesBefore($part->key) as $then => $why) {
            if ($build->waits($then)) {
                return "{$why}: before the ".InSentence::name($build->tray->plan->parts[$then]->name);
            }
        }

        return null;
    }
}

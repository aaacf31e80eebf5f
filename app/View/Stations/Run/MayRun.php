<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Stations\SheetView;
use DustyJet\Carburetor\Need;
use DustyJet\Diagnosis\Deed;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;

/** Whether the engine may be run as it stands. */
final readonly class MayRun
{
    /** What a finding must not forbid. */
    public const DEEDS = [Deed::Start, Deed::Run];

    /** Why not, a sentence; empty when it may. */
    public static function notNow(SheetView $view): string
    {
        $forbidden = $view->safety->against(self::DEEDS);
        $inTheWay = Machine::on($view->sheet->bench)->inTheWay(Need::Whole);

        return match (true) {
            $forbidden !== null => ucfirst($forbidden->because).': nothing is started while that stands.',
            $inTheWay !== null => NotAllowedNow::inTheWay($inTheWay)->getMessage(),
            default => '',
        };
    }
}

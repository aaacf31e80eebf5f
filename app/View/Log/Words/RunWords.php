<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\Mixture\School;
use DustyJet\Worksheet\Run\SchoolChosen;
use DustyJet\Worksheet\Run\SpeedRead;

final readonly class RunWords implements RoomWords
{
    public static function table(): array
    {
        return [
            SchoolChosen::class => static fn (SchoolChosen $act, Names $names): Phrase => new Phrase(
                "{$names->screw($act->adjuster)}: ".self::school($act->name),
            ),
            SpeedRead::class => static fn (SpeedRead $act, Names $names): Phrase => new Phrase(
                $names->screw($act->adjuster).' '.Numbers::turns($act->turns).': ',
                Numbers::rpm($act->speed->inRpm()).' rpm'.($act->mark === null ? '' : ", {$act->mark}"),
            ),
        ];
    }

    private static function school(string $name): string
    {
        $school = School::tryFrom($name);

        return $school === School::RichSide ? 'from the rich side' : "school of the {$name}";
    }
}

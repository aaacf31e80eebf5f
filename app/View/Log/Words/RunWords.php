<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\School;
use DustyJet\Worksheet\Idling\IdleRead;
use DustyJet\Worksheet\Run\SchoolChosen;
use DustyJet\Worksheet\Run\SpeedRead;
use DustyJet\Worksheet\Starting\StartTried;

final readonly class RunWords implements RoomWords
{
    public static function table(): array
    {
        return [
            IdleRead::class => static fn (IdleRead $act): Phrase => new Phrase(
                'Idle: ',
                Numbers::rpm($act->rpm).' rpm, '.mb_strtolower($act->heard()?->title() ?? $act->manner),
            ),
            StartTried::class => static fn (StartTried $act): Phrase => new Phrase(
                'Start: ',
                mb_strtolower($act->outcome->title()).($act->pulls === null ? '' : ", {$act->pulls} pulls"),
            ),
            SchoolChosen::class => static fn (SchoolChosen $act, Names $names): Phrase => new Phrase(
                "{$names->screw($act->adjuster)}: ".self::school($act->name),
            ),
            SpeedRead::class => static fn (SpeedRead $act, Names $names): Phrase => new Phrase(
                $names->screw($act->adjuster).' '.Numbers::turns($act->turns).': ',
                self::read($act),
            ),
        ];
    }

    private static function read(SpeedRead $act): string
    {
        $heard = $act->mark === null ? '' : mb_strtolower($act->heard()?->title() ?? $act->mark);

        return match (true) {
            $act->heard() === Mark::Dies => 'it died',
            $act->speed === null => "{$heard}, by ear",
            default => Numbers::rpm($act->speed->inRpm()).' rpm'.($heard === '' ? '' : ", {$heard}"),
        };
    }

    private static function school(string $name): string
    {
        $school = School::named($name);

        return $school === School::Flutter ? 'from the rich side' : "school of the {$name}";
    }
}

<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Clocks\ClockEnded;
use DustyJet\Worksheet\Clocks\ClockStarted;

final readonly class ClockWords implements RoomWords
{
    public static function table(): array
    {
        return [
            ClockStarted::class => static fn (ClockStarted $act, Names $names): Phrase => new Phrase(
                ($names->family->guidance->clocks[$act->clock]->name ?? 'Clock').' started: ',
                "{$act->minutes} min".($act->what === null ? '' : ", {$act->what}"),
            ),
            ClockEnded::class => static fn (ClockEnded $act): Phrase => new Phrase('Clock ended'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Waits\WaitBegan;
use DustyJet\Worksheet\Waits\WaitEnded;

final readonly class WaitWords implements RoomWords
{
    public static function table(): array
    {
        return [
            WaitBegan::class => static fn (WaitBegan $act): Phrase => new Phrase(
                'Waits for '.($act->for?->label() ?? 'something').': ',
                $act->what.($act->until() === null ? '' : ', until '.$act->until()->format('M j')),
            ),
            WaitEnded::class => static fn (WaitEnded $act): Phrase => new Phrase('Waits no longer'),
        ];
    }
}

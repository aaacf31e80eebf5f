<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\HandBack\CheckDone;
use DustyJet\Worksheet\HandBack\HandedBack;
use DustyJet\Worksheet\HandBack\ReturnedUnrepaired;

final readonly class HandBackWords implements RoomWords
{
    public static function table(): array
    {
        return [
            CheckDone::class => static fn (CheckDone $act, Names $names): Phrase => new Phrase(
                ($names->family->proof->checks[$act->check]->do ?? 'Check').': ', $act->passed ? 'passes' : 'fails',
            ),
            ReturnedUnrepaired::class => static fn (ReturnedUnrepaired $act): Phrase => new Phrase(
                'Returned unrepaired: ',
                $act->reason,
            ),
            HandedBack::class => static fn (HandedBack $act): Phrase => new Phrase('Handed back'),
        ];
    }
}

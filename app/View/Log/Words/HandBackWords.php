<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\HandBack\CheckDone;
use DustyJet\Worksheet\HandBack\HandedBack;

final readonly class HandBackWords implements RoomWords
{
    public static function table(): array
    {
        return [
            CheckDone::class => static fn (CheckDone $act, Names $names): Phrase => new Phrase(
                ($names->family->proof->checks[$act->check]->do ?? 'Check').': ', $act->passed ? 'passes' : 'fails',
            ),
            HandedBack::class => static fn (HandedBack $act): Phrase => new Phrase('Handed back'),
        ];
    }
}

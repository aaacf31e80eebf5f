<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Clean\CarburetorReplaced;
use DustyJet\Worksheet\Clean\PartInspected;
use DustyJet\Worksheet\Clean\PartsSound;

final readonly class CleanWords implements RoomWords
{
    public static function table(): array
    {
        return [
            CarburetorReplaced::class => static fn (CarburetorReplaced $act): Phrase => new Phrase(
                'Another carburetor: ',
                $act->what,
            ),
            PartInspected::class => static fn (PartInspected $act, Names $names): Phrase => new Phrase(
                ($names->family->teardown->inspections[$act->inspection]->do ?? 'Looked at').': ',
                ($act->condition?->label() ?? '').($act->reason === null ? '' : ", {$act->reason}"),
            ),
            PartsSound::class => static fn (PartsSound $act, Names $names): Phrase => new Phrase(
                'Looked at, each sound: ',
                $names->inspections($act->inspections),
            ),
        ];
    }
}

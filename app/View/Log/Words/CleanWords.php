<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Clean\PartInspected;

final readonly class CleanWords implements RoomWords
{
    public static function table(): array
    {
        return [
            PartInspected::class => static fn (PartInspected $act, Names $names): Phrase => new Phrase(
                ($names->family->teardown->inspections[$act->inspection]->do ?? 'Looked at').': ',
                ($act->condition?->label() ?? '').($act->reason === null ? '' : ", {$act->reason}"),
            ),
        ];
    }
}

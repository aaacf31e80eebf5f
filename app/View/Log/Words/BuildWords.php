<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Build\PartAccounted;
use DustyJet\Worksheet\Build\PartOn;
use DustyJet\Worksheet\Build\PartsOn;

final readonly class BuildWords implements RoomWords
{
    public static function table(): array
    {
        return [
            PartOn::class => static fn (PartOn $act, Names $names): Phrase => new Phrase(
                'Fitted: ', $names->part($act->part).Names::times($act->count),
            ),
            PartsOn::class => static fn (PartsOn $act, Names $names): Phrase => new Phrase(
                'Fitted: ', $names->parts($act->named),
            ),
            PartAccounted::class => static fn (PartAccounted $act, Names $names): Phrase => new Phrase(
                "{$names->part($act->part)}: ", $act->became,
            ),
        ];
    }
}

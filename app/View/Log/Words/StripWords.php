<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Strip\PartMissing;
use DustyJet\Worksheet\Strip\PartOff;
use DustyJet\Worksheet\Strip\PartsOff;
use DustyJet\Worksheet\Strip\PartUnexpected;
use DustyJet\Worksheet\Strip\StripEnded;

final readonly class StripWords implements RoomWords
{
    public static function table(): array
    {
        return [
            PartOff::class => static fn (PartOff $act, Names $names): Phrase => new Phrase(
                'Off: ', $names->part($act->part).Names::times($act->count),
            ),
            PartsOff::class => static fn (PartsOff $act, Names $names): Phrase => new Phrase('Off: ', $names->parts($act->named)),
            PartMissing::class => static fn (PartMissing $act, Names $names): Phrase => new Phrase(
                'Not there: ', "{$names->part($act->part)}, {$act->said}",
            ),
            PartUnexpected::class => static fn (PartUnexpected $act): Phrase => new Phrase(
                'Not expected: ', $act->name.Names::times($act->count),
            ),
            StripEnded::class => static fn (StripEnded $act): Phrase => new Phrase(
                'Strip ended here', $act->reason === null ? '' : ": {$act->reason}",
            ),
        ];
    }
}

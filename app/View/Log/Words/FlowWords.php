<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\Worksheet\Flow\CheckValveTested;
use DustyJet\Worksheet\Flow\DeliveryMeasured;

final readonly class FlowWords implements RoomWords
{
    public static function table(): array
    {
        return [
            CheckValveTested::class => static fn (CheckValveTested $act): Phrase => new Phrase(
                'Check valve '.($act->isInBody ? 'in the body' : 'out of the body').': ',
                self::valve($act->holdsVacuum, $act->passesPressure),
            ),
            DeliveryMeasured::class => static fn (DeliveryMeasured $act): Phrase => new Phrase(
                'Fuel delivery: ',
                Numbers::short($act->millilitres, 0).' ml in '.Numbers::seconds($act->seconds),
            ),
        ];
    }

    public static function valve(bool $holdsVacuum, bool $passesPressure): string
    {
        return ($holdsVacuum ? 'vacuum holds' : 'vacuum leaks').', '.($passesPressure ? 'pressure passes' : 'pressure does not pass');
    }
}

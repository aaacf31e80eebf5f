<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\Rejected;
use DustyJet\Worksheet\FloatLevel\FloatMeasured;
use DustyJet\Worksheet\FloatLevel\FloatSighted;
use DustyJet\Worksheet\FloatLevel\FloatWeighed;
use DustyJet\Worksheet\Metering\LeverMeasured;
use DustyJet\Worksheet\Metering\PopOffMeasured;
use DustyJet\Worksheet\Metering\SpringMeasured;
use DustyJet\Worksheet\Metering\SpringShortened;

final readonly class MeteringWords implements RoomWords
{
    public static function table(): array
    {
        return [
            PopOffMeasured::class => self::pops(...),
            SpringMeasured::class => static fn (SpringMeasured $act): Phrase => new Phrase(
                'Metering spring: ',
                Numbers::short($act->measures->activeCoils, 1).' coils of '.Numbers::short($act->measures->wire, 2).' mm',
            ),
            SpringShortened::class => static fn (SpringShortened $act): Phrase => new Phrase(
                'Metering spring cut: ',
                Numbers::short($act->coils, 2).($act->coils > 1.0 ? ' coils' : ' coil').' off the tip',
            ),
            LeverMeasured::class => self::lever(...),
            FloatSighted::class => self::sighted(...),
            FloatWeighed::class => static fn (FloatWeighed $act): Phrase => new Phrase(
                'Float weighed: ',
                Numbers::short($act->grams, 2).' g'.($act->hasDrunk() ? ', heavier than a sound one' : ''),
            ),
            FloatMeasured::class => static fn (FloatMeasured $act): Phrase => new Phrase(
                'Float: ',
                Numbers::short($act->front, 2).' mm at the front, '.Numbers::short($act->rear, 2).' at the hinge',
            ),
        ];
    }

    private static function sighted(FloatSighted $act): Phrase
    {
        try {
            return new Phrase('Float by a photo: ', Numbers::plain($act->tilt()->degrees, 1).'° to the face');
        } catch (Rejected) {
            return new Phrase('Float by a photo: cannot be read');
        }
    }

    private static function pops(PopOffMeasured $act): Phrase
    {
        $series = $act->series;
        [$pop, $reseat] = [$series?->meanPop(), $series?->meanReseat()];
        if ($series === null || $pop === null || $reseat === null) {
            return new Phrase('Pop-off: cannot be read');
        }
        $count = count($series->pops);

        return new Phrase(
            'Pop-off, '.($act->isWet ? 'wet' : 'dry').", {$count} of them: ",
            Numbers::short($pop->inPsi(), 1).' psi, reseats at '.Numbers::short($reseat->inPsi(), 1),
        );
    }

    private static function lever(LeverMeasured $act): Phrase
    {
        try {
            $verdict = $act->height()->verdict->value;
        } catch (Rejected) {
            $verdict = 'cannot be';
        }

        return new Phrase(
            'Lever: ',
            Numbers::short($act->measured, 2).' mm for '.Numbers::short($act->target, 2).($verdict === 'in' ? ', in' : ", {$verdict}"),
        );
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Worksheet;

final readonly class IntakeBay implements Bay
{
    private const WHY = 'The complaint in the customer\'s words decides where to look first.';

    public function station(): Station
    {
        return Station::Intake;
    }

    public function progress(Bench $bench): Progress
    {
        $isTaken = $bench->of(Ticket::class)->intake !== null;

        return new Progress($isTaken ? 1 : 0, 1, $bench->touchedAt(Station::Intake));
    }

    public function moves(Worksheet $sheet): array
    {
        return [new Move(Station::Intake, 'Tag it, take the complaint', self::WHY, 5, 'intake')];
    }

    public function gates(Worksheet $sheet): array
    {
        return [];
    }
}

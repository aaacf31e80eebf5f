<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Worksheet;

final readonly class CleanBay implements Bay
{
    public function station(): Station
    {
        return Station::Clean;
    }

    public function progress(Bench $bench): Progress
    {
        $inspections = Inspections::on($bench);
        $of = count($inspections->all);

        return new Progress($of - count($inspections->open()), $of, $bench->touchedAt(Station::Clean));
    }

    public function moves(Worksheet $sheet): array
    {
        $inspections = Inspections::on($sheet->bench);
        if ($inspections->scrapped() !== []) {
            return [self::replace($inspections->scrapped()[0])];
        }
        $minutes = $sheet->family->minutesEach(Station::Clean, count($inspections->all));
        $move = static fn (Inspection $i): Move => new Move(
            Station::Clean, $i->do, 'Good: '.InSentence::name($i->good).'.', $minutes, 'inspect', $i->key,
        );

        return array_values(array_map($move, array_slice($inspections->open(), 0, Move::MOST, true)));
    }

    private static function replace(Inspection $scrapped): Move
    {
        $why = "{$scrapped->do}: judged as scrapping the body. No kit cures that.";

        return new Move(Station::HandBack, 'Fit another carburetor, or return it as it is', $why, 25, 'ends');
    }

    public function gates(Worksheet $sheet): array
    {
        $gates = [];
        foreach (Inspections::on($sheet->bench)->scrapped() as $inspection) {
            $gates[] = "{$inspection->do}: judged as scrapping the body.";
        }
        foreach (PartsList::of($sheet->bench) as $part) {
            $gates = $part->isFitted ? $gates : [...$gates, "Still to fit: {$part->name}."];
        }

        return $gates;
    }
}

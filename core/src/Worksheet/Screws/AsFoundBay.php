<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

final readonly class AsFoundBay implements Bay
{
    private const WHY = 'Nobody can count it once it is out. Half turns, until lightly seated.';

    public function station(): Station
    {
        return Station::AsFound;
    }

    public function progress(Bench $bench): Progress
    {
        $parts = $bench->of(Parts::class);
        $screws = $bench->of(Screws::class);
        $canBe = static fn (AdjusterState $s): bool => $s->found !== null || ! $parts->wasOut($s->adjuster->key);

        return new Progress(
            $screws->count(static fn (AdjusterState $s): bool => $s->found !== null),
            $screws->count($canBe),
            $bench->touchedAt(Station::AsFound),
        );
    }

    public function moves(Worksheet $sheet): array
    {
        $moves = [];
        foreach ($sheet->of(Screws::class)->all as $key => $state) {
            if ($state->found === null && ! $sheet->of(Parts::class)->wasOut($key)) {
                $do = 'Count the '.InSentence::name($state->adjuster->name).' in, note the turns';
                $moves[] = new Move(Station::AsFound, $do, self::WHY, 2, 'count', $key);
            }
        }

        return $moves;
    }

    public function gates(Worksheet $sheet): array
    {
        return [];
    }
}

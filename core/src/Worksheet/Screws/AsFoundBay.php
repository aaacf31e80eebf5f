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

    private const WHY_A_STOP = 'Somebody set this idle. Back it out by half turns until it leaves the cam.';

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
                $counts = $state->adjuster->datum()->countsIn();
                $name = InSentence::name($state->adjuster->name);
                $do = $counts ? "Count the {$name} out to its cam, note the turns" : "Count the {$name} in, note the turns";
                $why = $counts ? self::WHY_A_STOP : self::WHY;
                $moves[] = new Move(Station::AsFound, $do, $why, 2, 'count', $key);
            }
        }

        return $moves;
    }

    public function gates(Worksheet $sheet): array
    {
        return [];
    }
}

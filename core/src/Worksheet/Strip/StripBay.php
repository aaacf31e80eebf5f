<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Worksheet;

final readonly class StripBay implements Bay
{
    public function station(): Station
    {
        return Station::Strip;
    }

    public function progress(Bench $bench): Progress
    {
        $parts = $bench->of(Parts::class);
        $off = count($parts->build->tray->off());
        $left = $parts->endedAt === null ? count($parts->build->tray->unaccounted()) : 0;

        return new Progress($off, $off + $left, $bench->touchedAt(Station::Strip));
    }

    public function moves(Worksheet $sheet): array
    {
        $tray = $sheet->of(Parts::class)->build->tray;
        $ready = array_filter($tray->plan->ready($tray->off()), static fn (TrayPart $p): bool => ! $p->isOptional);
        $minutes = $sheet->family->minutesEach(Station::Strip, count($tray->plan->parts));
        $cell = $tray->nextNumber();

        return array_map(
            static fn (TrayPart $p): Move => self::move($p, $cell, $minutes),
            array_slice($ready, 0, Move::MOST),
        );
    }

    public function gates(Worksheet $sheet): array
    {
        $parts = $sheet->of(Parts::class);

        return $parts->isBegun() && ! $parts->isStripped()
            ? ['The strip is not ended: say whether it comes apart any further.']
            : [];
    }

    private static function move(TrayPart $part, int $cell, int $minutes): Move
    {
        $do = $part->isTask ? $part->name : 'Take off: '.InSentence::name($part->name).$part->times();
        $why = $part->heed->caution === null
            ? "Into cell {$cell}. In this order nothing is hidden by what comes before it."
            : "{$part->heed->caution}. Into cell {$cell}.";

        return new Move(Station::Strip, $do, $why, $minutes, 'part_off', $part->key);
    }
}

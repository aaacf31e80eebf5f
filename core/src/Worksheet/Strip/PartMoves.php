<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Frees;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** What all acts that move parts have in common: the rules of the tray, and what a moved part disturbs. */
final readonly class PartMoves
{
    public const MOST_OF_ONE_PART = 99;

    /**
     * @param  int  $count how many of the part
     *
     * @throws \DustyJet\Rejected If the part cannot come off or go in now.
     */
    public static function refuse(MovesParts $act, Worksheet $sheet, ?string $corrects, int $count = 1): void
    {
        ($count >= 1 && $count <= self::MOST_OF_ONE_PART) || throw NotAllowedNow::countedWrong();
        $act->move($corrects === null ? $sheet->of(Parts::class)->build : TrayLog::without($sheet, $corrects)->build);
    }

    /**
     * What a file written elsewhere got wrong is passed over.
     *
     * @param  string  $where as it is said of what was disturbed
     */
    public static function on(MovesParts $act, Bench $bench, Entry $entry, string $where): Bench
    {
        $parts = $bench->of(Parts::class);
        try {
            $build = $act->move($parts->build);
        } catch (NotYet) {
            return $bench;
        }
        $bench = $bench->with($parts->with($build))->touched($act->station(), $entry->at);
        foreach (array_unique($act->parts()) as $key) {
            $part = $build->tray->plan->parts[$key] ?? null;
            $bench = $part === null ? $bench : self::freed($part->frees, $bench, $where, $act->station(), $entry->at);
        }

        return $bench;
    }

    private static function freed(
        Frees $frees,
        Bench $bench,
        string $where,
        Station $station,
        DateTimeImmutable $at,
    ): Bench {
        foreach ($frees->touches as $touched) {
            $bench = $bench->disturbed($touched, $where, $at);
        }
        foreach ($frees->adjusters as $key) {
            $screw = $bench->of(Screws::class)->all[$key]->adjuster ?? $bench->family->adjusters[$key];
            $because = "{$screw->name} was out at {$station->label()}";
            $bench = $bench->doubting([$screw->reading()], $because, $at);
        }

        return $bench;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Build;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Clocks\ClockRecord;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

final readonly class BuildBay implements Bay
{
    /** A list of everything on the tray would hide the rest. */
    private const LEFT_BY_NAME = 3;

    public function station(): Station
    {
        return Station::Build;
    }

    /** Before the strip is ended nothing can be all back. */
    public function progress(Bench $bench): Progress
    {
        $parts = $bench->of(Parts::class);
        $placed = count($parts->build->placed);
        $left = max(count($parts->build->leftOver()), $parts->isStripped() ? 0 : 1);

        return new Progress($placed, $placed + $left, $bench->touchedAt(Station::Build));
    }

    public function moves(Worksheet $sheet): array
    {
        $holding = $sheet->of(Clocks::class)->holding();
        if ($holding !== null) {
            return [self::waiting($holding)];
        }
        $build = $sheet->of(Parts::class)->build;
        $minutes = $sheet->family->minutesEach(Station::Build, count($build->order()));
        $run = $build->run();
        $others = array_slice($build->ready(), 1, Move::MOST - 1);
        $moves = $run === [] ? [] : [
            self::move($build, $run, $minutes),
            ...array_map(static fn (TrayPart $p): Move => self::move($build, [$p], $minutes), $others),
        ];
        $lost = $build->lost()[0] ?? null;
        if ($moves !== [] || ! $sheet->of(Parts::class)->isStripped()) {
            return $moves;
        }
        if ($lost !== null) {
            $do = 'Fit one and account for it: '.InSentence::name($build->tray->plan->parts[$lost]->name);

            return [new Move(Station::Build, $do, 'It was never found. Nothing closes over it.', 5, 'account', $lost)];
        }

        return array_map(
            static fn (string $left): Move => new Move(
                Station::Build,
                'Account for what is left',
                $left,
                2,
                'account',
                '',
            ),
            array_slice($build->leftOver(), 0, 1),
        );
    }

    private static function waiting(ClockRecord $clock): Move
    {
        $what = $clock->what === null ? '' : ", {$clock->what}";
        $why = "Its clock runs to {$clock->dueAt()->format('G:i')}. Nothing is fitted out of it before.";

        return new Move(Station::Clean, "Take it out and end its clock: {$clock->name}{$what}", $why, 2, 'clock');
    }

    public function gates(Worksheet $sheet): array
    {
        $parts = $sheet->of(Parts::class);
        $left = $parts->isBegun() ? $parts->build->leftOver() : [];
        $more = count($left) - self::LEFT_BY_NAME;
        $gates = array_slice($left, 0, self::LEFT_BY_NAME);

        return $more > 0 ? [...$gates, "And {$more} more on the tray or missing."] : $gates;
    }

    /**
     * @param  non-empty-list<TrayPart>  $run parts to fit one after the other; only the last may have a guard
     * @param  int  $minutes of each
     */
    private static function move(Build $build, array $run, int $minutes): Move
    {
        $last = $run[count($run) - 1];
        $reason = BuildOrder::why($build, $run[0]) ?? 'Back in the reverse of this strip';
        $why = ($last->looks() === [] ? $reason : implode('. ', $last->looks())).'.';
        $names = array_map(static fn (TrayPart $p): string => InSentence::name($p->name).$p->times(), $run);

        return new Move(
            Station::Build,
            'Fit: '.implode('; ', $names),
            $why,
            $minutes * count($run),
            count($run) > 1 ? 'parts_on' : 'part_on',
            $run[0]->key,
        );
    }
}

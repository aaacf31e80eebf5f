<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use App\View\Stations\BenchTest\Arranged;
use DustyJet\HoldTest\Verdict;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\Worksheet\BenchTest\HoldTested;
use DustyJet\Worksheet\BenchTest\TestDone;
use DustyJet\Worksheet\LeakMap\LeakIsolated;

final readonly class BenchTestWords implements RoomWords
{
    public static function table(): array
    {
        return [
            HoldTested::class => self::hold(...),
            LeakIsolated::class => self::isolated(...),
            TestDone::class => static fn (TestDone $act, Names $names): Phrase => new Phrase(
                ($names->family->proof->tests[$act->test]->name ?? 'Test').': ',
                $act->passed ? 'passes' : 'fails',
            ),
        ];
    }

    private static function isolated(LeakIsolated $act, Names $names): Phrase
    {
        $leaks = $names->family->proof->leaks;
        $flow = $act->flow === null ? '' : ', '.Numbers::flow($act->flow).' cc/min';
        $bubbles = $leaks->joints[$act->bubbled ?? '']->name ?? null;
        $came = match ($act->outcome) {
            Outcome::Holds => 'holds',
            Outcome::Leaks => "leaks{$flow}",
            default => 'undecided',
        };

        return new Phrase(
            ($leaks->tests[$act->test]->do ?? 'Isolating test').': ',
            $bubbles === null ? $came : 'bubbles at '.lcfirst($bubbles),
        );
    }

    private static function hold(HoldTested $act, Names $names): Phrase
    {
        $isVacuum = $act->setup->isVacuum;
        $outcome = $act->outcome;
        $course = $outcome->course;
        $name = ($names->family->proof->hold->name ?? 'Hold')
            .Arranged::words($act->setup->arranged, $names->family);
        $start = Numbers::gauge($course->startKpa, $isVacuum);
        $end = Numbers::gaugeWithUnit($course->endKpa, $isVacuum);

        return new Phrase(
            "{$name}: {$start} to {$end} in ".Numbers::seconds($course->durationS).'. ',
            match ($outcome->verdict) {
                Verdict::Holds => 'Holds',
                Verdict::Leaks => 'Leak '.Numbers::flow($outcome->leak->mlMin).' cc/min',
                Verdict::HoldsBelow => 'Holds below '
                    .Numbers::gaugeWithUnit($outcome->leak->plateauKpa ?? 0.0, $isVacuum),
                Verdict::KeepWatching => 'Keep watching',
            },
        );
    }
}

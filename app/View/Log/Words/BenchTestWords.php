<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldTested;
use DustyJet\Worksheet\BenchTest\TestDone;

final readonly class BenchTestWords implements RoomWords
{
    public static function table(): array
    {
        return [
            HoldTested::class => self::hold(...),
            TestDone::class => static fn (TestDone $act, Names $names): Phrase => new Phrase(
                ($names->family->proof->tests[$act->test]->name ?? 'Test').': ',
                $act->passed ? 'passes' : 'fails',
            ),
        ];
    }

    private static function hold(HoldTested $act, Names $names): Phrase
    {
        $isVacuum = $act->setup->isVacuum;
        $outcome = $act->outcome;
        $course = $outcome->course;
        $name = ($names->family->proof->hold->name ?? 'Hold')
            .($act->setup->wetted ? ', wetted' : '')
            .($act->anyway ? ', with parts on the tray' : '');
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

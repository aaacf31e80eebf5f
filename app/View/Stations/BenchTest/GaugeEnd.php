<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** What the gauge showed when the last hold test ended. */
final readonly class GaugeEnd
{
    private function __construct(
        public string $now,
        public string $unit,
        public string $inKpa,
        public string $start,
        public string $lost,
        public string $clock,
    ) {
    }

    /** @param  PressureTrace|null  $trace as it was read; without it what the judgement made of it has to do */
    public static function of(?HoldRecord $hold, ?PressureTrace $trace): self
    {
        $unit = Numbers::gaugeUnit($hold?->setup->isVacuum === true);
        if ($hold === null) {
            return new self(Numbers::plain(0.0, 2), $unit->symbol(), Numbers::plain(0.0, 1).' kPa', '–', '–', '0 s');
        }
        $course = $hold->outcome->course;
        $end = abs($course->endKpa) / $unit->kilopascals();
        $start = ($trace->kilopascals[0] ?? abs($course->startKpa)) / $unit->kilopascals();

        return new self(
            now: Numbers::plain($end, 2),
            unit: $unit->symbol(),
            inKpa: Numbers::plain(abs($course->endKpa), 1).' kPa',
            start: Numbers::plain($start, 2),
            lost: Numbers::plain(max(0.0, $start - $end), 2),
            clock: Numbers::seconds($course->durationS),
        );
    }
}

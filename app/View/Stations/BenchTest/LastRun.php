<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Charts\StripChart;
use App\View\Numbers;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** What the last hold test came to: its verdict, its chart and what the numbers mean. */
final readonly class LastRun
{
    /** @param  StripChart|null  $narrow the same chart for a phone */
    private function __construct(
        public VerdictPlate $verdict,
        public ?StripChart $wide,
        public ?StripChart $narrow,
        public string $facts,
    ) {
    }

    public static function of(HoldRecord $hold, ?PressureTrace $trace, bool $isStale): self
    {
        $charts = $trace === null ? [] : StripChart::both($hold, $trace);

        return new self(VerdictPlate::of($hold, $isStale), $charts['wide'] ?? null, $charts['narrow'] ?? null, self::facts($hold));
    }

    private static function facts(HoldRecord $hold): string
    {
        $hole = $hold->outcome->leak->holeUm;
        $margin = Numbers::plain($hold->outcome->margin, 0);

        $unit = Numbers::gaugeUnit($hold->setup->isVacuum);
        $settled = Numbers::plain(abs($hold->outcome->course->startKpa) / $unit->kilopascals(), 2)." {$unit->symbol()}";

        return "Settled at {$settled}, judged from there. "
            .($hole === null ? '' : 'A hole of '.Numbers::plain($hole, 0).' µm would do it. ')
            ."Tested at {$margin} times the fuel it holds back."
            .($hold->setup->isVacuum ? ' Vacuum pulls the needle onto its seat: it can hide weak closing.' : '');
    }
}

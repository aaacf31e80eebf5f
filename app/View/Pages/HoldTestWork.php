<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\Models\Trace;
use App\View\Charts\Gauge;
use App\View\Charts\StripChart;
use App\View\Numbers;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\HoldRecord;
use DustyJet\Worksheet\Worksheet;

/** The bench test: the last run's gauge, verdict and chart, and the form of the next. */
final readonly class HoldTestWork
{
    /**
     * @param  list<array{name: string, note: string}>  $runs newest first
     * @param  list<TestRow>  $tests the others of the family
     */
    public function __construct(
        public Gauge $gauge,
        public string $reading,
        public string $unit,
        public string $inKpa,
        public string $start,
        public string $lost,
        public string $clock,
        public ?VerdictPlate $verdict,
        public ?StripChart $wide,
        public ?StripChart $narrow,
        public string $facts,
        public array $runs,
        public string $volume,
        public string $volumeKnownTo,
        public string $limit,
        public string $limitNote,
        public string $method,
        public bool $suggestWet,
        public array $tests,
        public string $name,
        public string $setup,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        $hold = $sheet->latestHold();
        $card = $sheet->family->card;
        $vacuum = $hold !== null && $hold->isVacuum;
        $target = $vacuum ? 15.0 : $card->test->inPsi();
        $per = $vacuum ? 3.386389 : 6.894757;
        $end = $hold === null ? 0.0 : abs($hold->endKpa) / $per;
        $start = $hold === null ? null : abs($hold->startKpa) / $per;
        $trace = $hold === null ? null : Trace::query()->find($hold->traceId)?->toCore();
        $limit = $hold->limitMlMin ?? $card->holdLimit->inMillilitresPerMinute();
        $runs = array_reverse($sheet->holds);

        return new self(
            gauge: Gauge::of($vacuum, $end, $start, $target, $vacuum ? null : $card->stop->inPsi()),
            reading: Numbers::plain($end, 2),
            unit: $vacuum ? 'inHg' : 'psi',
            inKpa: Numbers::plain($end * $per, 1).' kPa',
            start: $start === null ? '–' : Numbers::plain($start, 2),
            lost: $start === null ? '–' : Numbers::plain(max(0.0, $start - $end), 2),
            clock: $hold === null ? '0 s' : Numbers::seconds($hold->durationS),
            verdict: $hold === null ? null : VerdictPlate::of($hold, $sheet->isStale('needle_hold')),
            wide: $hold === null || $trace === null ? null : StripChart::wide($hold, $trace),
            narrow: $hold === null || $trace === null ? null : StripChart::narrow($hold, $trace),
            facts: $hold === null ? '' : self::facts($hold),
            runs: array_map(static fn (HoldRecord $h, int $i): array => ['name' => 'Run '.(count($runs) - $i).($h->wetted ? ', wet' : ''), 'note' => Numbers::clock($h->at).', '.self::said($h)], array_slice($runs, 0, 3), array_keys(array_slice($runs, 0, 3))),
            volume: rtrim(rtrim(number_format($hold->volumeMl ?? 18.0, 2, '.', ''), '0'), '.'),
            volumeKnownTo: $hold === null || $hold->volumeKnownToPercent === 0.0 ? '' : (string) $hold->volumeKnownToPercent,
            limit: (string) $limit,
            limitNote: $limit === Limits::DEFAULT_ML_PER_MIN ? 'from memory' : 'as typed',
            method: $vacuum ? 'vacuum' : 'pressure',
            suggestWet: ($sheet->moves()[0]->key ?? '') === 'hold_wet' || ($hold->wetted ?? false),
            tests: TestRow::all($sheet),
            name: $sheet->family->hold->name ?? '',
            setup: $sheet->family->hold === null ? '' : "{$sheet->family->hold->do}. {$sheet->family->hold->why}",
        );
    }

    private static function said(HoldRecord $hold): string
    {
        return match ($hold->verdict) {
            Verdict::Holds => 'holds',
            Verdict::Leaks => Numbers::flow($hold->leakMlMin).' cc/min',
            Verdict::HoldsBelow => 'holds below',
            Verdict::KeepWatching => 'undecided',
        };
    }

    private static function facts(HoldRecord $hold): string
    {
        $hole = $hold->holeUm === null ? '' : 'A hole of '.Numbers::plain($hold->holeUm, 0).' µm would do it. ';
        $vacuum = $hold->isVacuum ? ' Vacuum pulls the needle onto its seat: it can hide weak closing.' : '';

        return $hole.'Tested at '.Numbers::plain($hold->margin, 0).' times the fuel it holds back.'.$vacuum;
    }
}

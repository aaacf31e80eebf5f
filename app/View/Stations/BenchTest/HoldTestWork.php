<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Charts\Gauge;
use App\View\Numbers;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Carburetor\HoldAsked;
use DustyJet\Carburetor\Need;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Stale\Staleness;

/** The hold test: the gauge as it stood at the end, the chart, the verdict, and the next run. */
final readonly class HoldTestWork implements StationWork
{
    use BesideTheDrawing;

    private const RUNS_SHOWN = 3;

    /**
     * @param  list<array{name: string, note: string}>  $runs newest first
     * @param  list<TestRow>  $tests the others of the family
     */
    private function __construct(
        public string $name,
        public string $setup,
        public Gauge $gauge,
        public GaugeEnd $reading,
        public ?LastRun $last,
        public array $runs,
        public HoldForm $form,
        public ?string $inTheWay,
        public array $tests,
        public LivePlate $live,
        public Measures $measures,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $sheet = $view->sheet;
        $asked = $sheet->family->proof->hold ?? new HoldAsked('', '', '', Need::Nothing, '');
        $hold = $sheet->of(Holds::class)->latest();
        $live = $view->records->live;
        $isStale = $sheet->of(Staleness::class)->has(Holds::READING);

        return new self(
            inTheWay: Machine::on($sheet->bench)->inTheWay($asked->needs),
            name: $asked->name,
            setup: $asked->do === '' ? '' : "{$asked->do}. {$asked->why}",
            gauge: $live === null
                ? Gauge::of($hold, $sheet->family->card)
                : Gauge::atRest($live->isVacuum(), $sheet->family->card, $live->isForPops()),
            reading: GaugeEnd::of($hold),
            last: $hold === null ? null : LastRun::of($hold, $view->records->trace, $isStale),
            runs: self::runs($sheet->of(Holds::class)->all),
            form: HoldForm::of($hold, $sheet->family->card, ($view->plainMoves[0]->key ?? '') === 'hold_wet'),
            tests: TestRow::all($sheet),
            live: LivePlate::of($view),
            measures: Measures::of($sheet, $view->leaks),
        );
    }

    public function view(): string
    {
        return 'stations.bench-test.hold';
    }

    /**
     * @param  list<HoldRecord>  $holds oldest first
     *
     * @return list<array{name: string, note: string}>
     */
    private static function runs(array $holds): array
    {
        $runs = [];
        foreach ($holds as $i => $hold) {
            $runs[] = [
                'name' => 'Run '.($i + 1).($hold->setup->wetted ? ', wet' : ''),
                'note' => Numbers::clock($hold->at).', '.self::said($hold),
            ];
        }

        return array_slice(array_reverse($runs), 0, self::RUNS_SHOWN);
    }

    private static function said(HoldRecord $hold): string
    {
        return match ($hold->outcome->verdict) {
            Verdict::Holds => 'holds',
            Verdict::Leaks => Numbers::flow($hold->outcome->leak->mlMin).' cc/min',
            Verdict::HoldsBelow => 'holds below',
            Verdict::KeepWatching => 'undecided',
        };
    }
}

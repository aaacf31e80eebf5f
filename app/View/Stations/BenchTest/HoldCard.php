<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\HoldAsked;
use DustyJet\Carburetor\Need;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** The hold test: the verdict of the last run, its chart, and the next run. */
final readonly class HoldCard implements BenchCard
{
    private const RUNS_SHOWN = 3;

    /** @param  list<array{name: string, note: string}>  $runs newest first */
    private function __construct(
        public string $name,
        public string $setup,
        public ?LastRun $last,
        public array $runs,
        public ?DryAndWet $pair,
        public HoldForm $form,
        public ArrangeForm $arrange,
        public ?string $inTheWay,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $sheet = $view->sheet;
        $asked = $sheet->family->proof->hold ?? new HoldAsked('', '', '', Need::Nothing, '');
        $hold = $sheet->of(Holds::class)->latest();
        $isStale = $sheet->of(Staleness::class)->has(Holds::READING);

        return new self(
            inTheWay: Machine::on($sheet->bench)->inTheWay($asked->needs),
            name: $asked->name,
            setup: $asked->do === '' ? '' : "{$asked->do}. {$asked->why}",
            last: $hold === null ? null : LastRun::of($hold, $view->records->trace, $isStale),
            runs: self::runs($sheet->of(Holds::class)->all),
            pair: DryAndWet::of($sheet->of(Holds::class)->all),
            arrange: ArrangeForm::of($hold?->setup->arranged, $sheet->family),
            form: HoldForm::of($hold, $sheet->family->card, ($view->plainMoves[0]->key ?? '') === 'hold_wet'),
        );
    }

    public function view(): string
    {
        return 'stations.bench-test.hold';
    }

    public static function note(Worksheet $sheet): string
    {
        $hold = $sheet->of(Holds::class)->latest();

        return match (true) {
            $hold === null => 'to do, 3 min',
            $sheet->of(Staleness::class)->has(Holds::READING) => 're-check',
            default => self::said($hold),
        };
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
                'name' => 'Run '.($i + 1).($hold->setup->arranged->wetted ? ', wet' : ''),
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

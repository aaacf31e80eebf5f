<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Charts\StripChart;
use App\View\Numbers;
use DustyJet\Carburetor\Condition;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\HoldRecord;
use DustyJet\Worksheet\InspectionRecord;
use DustyJet\Worksheet\PartNeeded;
use DustyJet\Worksheet\TestRecord;
use DustyJet\Worksheet\Worksheet;

/** One page the customer can understand: what was wrong, what was measured, how it was left. */
final readonly class ReportPage
{
    /**
     * @param  list<array{name: string, found: string, left: string}>  $screws
     * @param  list<array{when: string, what: string, result: string}>  $tests
     * @param  list<array{do: string, result: string}>  $checks
     * @param  list<string>  $overrides
     * @param  list<array{what: string, result: string}>  $found what looking at it showed, where it was not sound
     * @param  list<array{name: string, note: string}>  $parts new ones, and what became of those that did not go back
     */
    private function __construct(
        public string $title,
        public string $shop,
        public string $number,
        public string $machine,
        public string $engine,
        public string $serial,
        public string $customer,
        public string $complaint,
        public string $opened,
        public string $handedBack,
        public array $screws,
        public array $tests,
        public array $checks,
        public array $overrides,
        public array $found,
        public array $parts,
        public string $advice,
        public string $sheetHref,
        public string $pdfHref,
        public ?StripChart $chart,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        $shop = config('shop.name');
        $hold = $sheet->latestHold();
        $trace = $hold === null ? null : $job->traces()->find($hold->traceId);

        return new self(
            title: "{$job->number} Report",
            shop: is_string($shop) ? $shop : '',
            number: $job->number,
            machine: $sheet->intake->machine ?? $job->machine,
            engine: $sheet->intake->engine ?? '',
            serial: $sheet->intake->serial ?? '',
            customer: $sheet->intake->customer ?? '',
            complaint: ucfirst($sheet->intake->complaint ?? ''),
            opened: $job->opened_at->format('F j, Y'),
            handedBack: $sheet->handedBackAt === null ? 'still on the bench' : 'handed back '.$sheet->handedBackAt->format('F j, Y'),
            screws: array_values(array_map(static fn ($s): array => ['name' => $s->adjuster->name, 'found' => Numbers::turns($s->found), 'left' => Numbers::turns($s->left)], $sheet->adjusters)),
            tests: [...array_map(static fn (HoldRecord $h): array => self::test($h, $sheet->family->hold->name ?? 'Hold'), $sheet->holds), ...self::looked($sheet)],
            checks: array_values(array_map(static fn ($c): array => ['do' => $c->do, 'result' => $c->passed === null ? 'not done' : ($c->passed ? 'passes' : 'fails').($c->rpm === null ? '' : ', '.Numbers::rpm($c->rpm).' rpm')], $sheet->checks)),
            overrides: array_map(static fn (string $item, string $why): string => ucfirst(str_replace(['_', '.'], ' ', $item)).' not repeated: '.$why, array_keys($sheet->overrides), $sheet->overrides),
            found: self::found($sheet),
            parts: [...array_map(static fn (PartNeeded $p): array => ['name' => $p->name, 'note' => $p->isFitted ? 'fitted' : 'to fit'], $sheet->rebuild->partsNeeded()), ...self::accounted($sheet)],
            advice: $sheet->advice ?? HandBackWork::ADVICE,
            sheetHref: route('stations.show', [$job, $job->station]),
            pdfHref: route('report.pdf', $job),
            chart: $hold === null || ! $trace instanceof \App\Models\Trace ? null : StripChart::wide($hold, $trace->toCore()),
        );
    }

    /** @return list<array{name: string, note: string}> what did not go back, and where it went */
    private static function accounted(Worksheet $sheet): array
    {
        $build = $sheet->rebuild->build;

        return array_map(static fn (string $part, string $became): array => ['name' => $build->tray->cell($part)->name ?? $build->tray->plan->parts[$part]->name, 'note' => $became], array_keys($build->accounted), $build->accounted);
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function looked(Worksheet $sheet): array
    {
        $known = array_filter($sheet->rebuild->tests, static fn (TestRecord $t): bool => isset($sheet->family->tests[$t->test]));

        return array_values(array_map(static fn (TestRecord $t): array => ['when' => $t->at->format('M j, G:i'), 'what' => $sheet->family->tests[$t->test]->name, 'result' => $t->passed ? 'Passes' : 'Fails'], $known));
    }

    /** @return list<array{what: string, result: string}> */
    private static function found(Worksheet $sheet): array
    {
        $poor = array_filter($sheet->rebuild->inspected, static fn (InspectionRecord $r): bool => $r->condition !== Condition::Sound && isset($sheet->family->inspections[$r->key]));

        return array_values(array_map(static fn (InspectionRecord $r): array => ['what' => $sheet->family->inspections[$r->key]->do, 'result' => $r->condition->label().($r->reason === null ? '' : ": {$r->reason}")], $poor));
    }

    /** @return array{when: string, what: string, result: string} */
    private static function test(HoldRecord $hold, string $name): array
    {
        $result = match ($hold->verdict) {
            Verdict::Holds => 'Holds: under '.Numbers::flow($hold->leakHighMlMin).' cc/min',
            Verdict::Leaks => 'Leaks '.Numbers::flow($hold->leakMlMin).' cc/min',
            Verdict::HoldsBelow => 'Holds only below '.Numbers::psi($hold->plateauKpa ?? 0.0).' psi',
            Verdict::KeepWatching => 'Undecided',
        };
        $at = $hold->isVacuum ? Numbers::inHg(abs($hold->startKpa)).' inHg' : Numbers::psi(abs($hold->startKpa)).' psi';

        return ['when' => $hold->at->format('M j, G:i'), 'what' => "{$name} at {$at}".($hold->wetted ? ', wetted' : ''), 'result' => $result.' (limit '.Numbers::flow($hold->limitMlMin).')'];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Log\Names;
use App\View\Numbers;
use App\View\Stations\BenchTest\Arranged;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\BenchTest\TestRecord;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\HandBack\CheckState;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** What was measured and proved, and what was trusted without. */
final readonly class ReportTests
{
    /**
     * @param  list<array{when: string, what: string, result: string}>  $measured
     * @param  list<array{do: string, result: string}>  $checks
     * @param  list<string>  $overrides
     */
    private function __construct(public array $measured, public array $checks, public array $overrides)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        $overrides = [];
        foreach ($sheet->of(Staleness::class)->overrides as $item => $why) {
            $overrides[] = ucfirst(Names::plain($item)).' not repeated: '.$why;
        }

        return new self(
            [...self::held($sheet), ...ReportMeasures::of($sheet), ...self::looked($sheet)],
            array_values(array_map(self::check(...), $sheet->of(Proofs::class)->checks)),
            $overrides,
        );
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function held(Worksheet $sheet): array
    {
        $name = $sheet->family->proof->hold->name ?? 'Hold';
        $row = static fn (HoldRecord $h): array => [
            'when' => Numbers::moment($h->at),
            'what' => "{$name} at ".self::start($h).Arranged::words($h->setup->arranged, $sheet->family),
            'result' => self::result($h).' (limit '.Numbers::flow($h->setup->limitMlMin).')',
        ];

        return array_map($row, $sheet->of(Holds::class)->all);
    }

    private static function start(HoldRecord $hold): string
    {
        return Numbers::gaugeWithUnit($hold->outcome->course->startKpa, $hold->setup->isVacuum);
    }

    private static function result(HoldRecord $hold): string
    {
        $leak = $hold->outcome->leak;

        return match ($hold->outcome->verdict) {
            Verdict::Holds => 'Holds: under '.Numbers::flow($leak->highMlMin).' cc/min',
            Verdict::Leaks => 'Leaks '.Numbers::flow($leak->mlMin).' cc/min',
            Verdict::HoldsBelow => 'Holds only below '.Numbers::psi($leak->plateauKpa ?? 0.0).' psi',
            Verdict::KeepWatching => 'Undecided',
        };
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function looked(Worksheet $sheet): array
    {
        $tests = $sheet->family->proof->tests;
        $known = array_intersect_key($sheet->of(Tests::class)->records, $tests);

        return array_values(array_map(static fn (TestRecord $t): array => [
            'when' => Numbers::moment($t->at),
            'what' => $tests[$t->test]->name,
            'result' => $t->passed ? 'Passes' : 'Fails',
        ], $known));
    }

    /** @return array{do: string, result: string} */
    private static function check(CheckState $check): array
    {
        $result = match ($check->passed) {
            null => 'not done',
            true => 'passes',
            false => 'fails',
        };

        return [
            'do' => $check->do,
            'result' => $result.($check->rpm === null ? '' : ', '.Numbers::rpm($check->rpm).' rpm'),
        ];
    }
}

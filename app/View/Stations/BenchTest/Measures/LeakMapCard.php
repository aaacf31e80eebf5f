<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use App\View\Stations\BenchTest\BenchCard;
use DustyJet\Carburetor\IsolatingTest;
use DustyJet\Carburetor\Joint;
use DustyJet\Carburetor\LeakPaths;
use DustyJet\LeakIsolation\FlowInterval;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\JointGroup;
use DustyJet\Worksheet\LeakMap\IsolatingResults;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** Which joint leaks: suspects with their flows, what is cleared, and the test that tells most for its minutes. */
final readonly class LeakMapCard implements BenchCard
{
    /**
     * @param  list<array{letter: string, joint: string, state: string, percent: int, flow: string}>  $rows likeliest first
     * @param  array{key: string, do: string, why: string, note: string}|null  $next
     * @param  list<array{value: string, label: string, isNext: bool}>  $tests
     * @param  list<array{value: string, label: string}>  $joints
     * @param  list<NumberField>  $numbers
     * @param  list<string>  $groups joints that no test tells apart, with what they leak together
     */
    private function __construct(
        public array $rows,
        public ?array $next,
        public array $tests,
        public array $joints,
        public array $groups,
        public array $numbers,
        public string $contradicts,
    ) {
    }

    public function view(): string
    {
        return 'stations.bench-test.leak-map';
    }

    /** Of a family that has joints to tell apart. */
    public static function of(Worksheet $sheet, ?Isolation $isolation): self
    {
        $leaks = $sheet->family->proof->leaks ?? new LeakPaths([], []);

        return new self(
            rows: $isolation === null ? [] : self::rows($isolation, $leaks),
            next: self::next($isolation, $leaks),
            tests: self::tests($leaks, $isolation?->next?->test->name),
            joints: array_values(array_map(static fn (Joint $j): array => ['value' => $j->key, 'label' => $j->name], $leaks->joints)),
            groups: $isolation === null ? [] : self::groups($isolation, $leaks),
            numbers: [NumberField::optional('flow_ml_min', 'Leak, cc/min, if read')],
            contradicts: self::contradicts($isolation, $leaks),
        );
    }

    public static function note(Worksheet $sheet, ?Isolation $isolation): string
    {
        $first = $isolation->suspects[0] ?? null;

        return match (true) {
            $sheet->of(Staleness::class)->has(IsolatingResults::READING) => 're-check',
            $isolation === null => 'nothing leaks',
            $first?->isProved() === true => $sheet->family->proof->leaks->joints[$first->joint]->name ?? '',
            default => count($isolation->suspects).' suspect',
        };
    }

    /** @return list<array{letter: string, joint: string, state: string, percent: int, flow: string}> */
    private static function rows(Isolation $isolation, LeakPaths $leaks): array
    {
        $flows = array_column($isolation->suspects, 'flow', 'joint');
        $rows = [];
        foreach (JointMarks::of($leaks, $isolation)->all as $joint => $mark) {
            $flow = isset($flows[$joint]) ? self::flow($flows[$joint]) : '';
            $rows[] = [...$mark, 'joint' => $leaks->joints[$joint]->name, 'flow' => $flow];
        }

        return $rows;
    }

    private static function flow(FlowInterval $flow): string
    {
        return Numbers::flow($flow->low).' to '.Numbers::flow($flow->high).' cc/min';
    }

    /** @return array{key: string, do: string, why: string, note: string}|null */
    private static function next(?Isolation $isolation, LeakPaths $leaks): ?array
    {
        $next = $isolation?->next;
        if ($next === null) {
            return null;
        }
        $test = $leaks->tests[$next->test->name];
        $note = Numbers::short($test->minutes, 1).' min, tells '.Numbers::plain($next->bits, 1).' bits';

        return ['key' => $test->key, 'do' => $test->do, 'why' => "{$test->why}.", 'note' => $note];
    }

    /** @return list<array{value: string, label: string, isNext: bool}> */
    private static function tests(LeakPaths $leaks, ?string $next): array
    {
        return array_values(array_map(
            static fn (IsolatingTest $t): array => ['value' => $t->key, 'label' => $t->do, 'isNext' => $t->key === $next],
            $leaks->tests,
        ));
    }

    /** @return list<string> */
    private static function groups(Isolation $isolation, LeakPaths $leaks): array
    {
        $many = array_filter($isolation->groups, static fn (JointGroup $g): bool => count($g->joints) > 1 && $g->flow->best > 0.0);
        $names = static fn (JointGroup $g): string => implode(', ', array_map(
            static fn (string $j): string => lcfirst($leaks->joints[$j]->name),
            $g->joints,
        ));

        return array_values(array_map(
            static fn (JointGroup $g): string => ucfirst($names($g)).': together '.Numbers::flow($g->flow->best).', '.self::flow($g->flow),
            $many,
        ));
    }

    private static function contradicts(?Isolation $isolation, LeakPaths $leaks): string
    {
        $pair = $isolation?->contradicts;
        if ($pair === null) {
            return '';
        }
        $name = static fn (string $test): string => lcfirst($leaks->tests[$test]->do ?? 'the hold test of the whole');

        return "These two cannot both be right: {$name($pair[0])}; {$name($pair[1])}. Make one again: until then neither counts.";
    }
}

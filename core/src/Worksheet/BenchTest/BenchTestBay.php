<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\Carburetor\BenchTest;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Worksheet;

/** The hold test decides; where a family has none, all the others do. */
final readonly class BenchTestBay implements Bay
{
    public function station(): Station
    {
        return Station::BenchTest;
    }

    public function progress(Bench $bench): Progress
    {
        $at = $bench->touchedAt(Station::BenchTest);
        if ($bench->family->proof->hold !== null) {
            return new Progress($bench->of(Holds::class)->isPassed() ? 1 : 0, 1, $at);
        }
        $tests = $bench->of(Tests::class);
        $passed = array_filter(array_keys($bench->family->proof->tests), $tests->isPassed(...));

        return new Progress(count($passed), count($bench->family->proof->tests), $at);
    }

    public function moves(Worksheet $sheet): array
    {
        return match (true) {
            Machine::on($sheet->bench)->isBeingBuilt() => [],
            $sheet->family->proof->hold === null => $this->lookedAt($sheet),
            default => $this->held($sheet),
        };
    }

    public function gates(Worksheet $sheet): array
    {
        $hold = $sheet->family->proof->hold;
        $state = $sheet->stations[Station::BenchTest->value];
        if ($hold === null) {
            return $state->isDone() ? [] : ["{$state->done} of {$state->of} bench tests passed."];
        }
        $holds = $sheet->of(Holds::class);

        return match (true) {
            $holds->all === [] => ["{$hold->name}: never tested."],
            $holds->isPassed() => [],
            default => ["{$hold->name}: the last test did not pass."],
        };
    }

    /** @return list<Move> */
    private function lookedAt(Worksheet $sheet): array
    {
        $tests = $sheet->of(Tests::class);
        $machine = Machine::on($sheet->bench);
        $open = array_filter(
            $sheet->family->proof->tests,
            static fn (BenchTest $t): bool => ! $tests->isPassed($t->key) && $machine->inTheWay($t->needs) === null,
        );
        $move = static fn (BenchTest $t): Move => new Move(
            Station::BenchTest, $t->do, 'Good: '.InSentence::name($t->good).'.', 3, 'test', $t->key,
        );

        return array_values(array_map($move, array_slice($open, 0, Move::MOST)));
    }

    /** @return list<Move> */
    private function held(Worksheet $sheet): array
    {
        $asked = $sheet->family->proof->hold;
        if ($asked === null || Machine::on($sheet->bench)->inTheWay($asked->needs) !== null) {
            return [];
        }
        $last = $sheet->of(Holds::class)->latest();

        return match ($last?->outcome->verdict) {
            null => [self::test($asked->do, $asked->why, 3, 'hold')],
            Verdict::KeepWatching => [self::longer($last), self::newNeedle()],
            Verdict::Leaks, Verdict::HoldsBelow => match (true) {
                ! $last->setup->arranged->wetted => [self::wetted(), self::newNeedle()],
                $asked->isOfTheWhole() => [self::soap(), self::newNeedle()],
                default => [self::newNeedle(), self::soap()],
            },
            Verdict::Holds => [],
        };
    }

    private static function newNeedle(): Move
    {
        $why = 'A wet needle that still leaks is worn, or its seat is.';

        return self::test('Fit a new needle, run again', $why, 6, 'needle');
    }

    private static function soap(): Move
    {
        $why = 'Hose, barb and covers before the needle: bubbles name the joint outright.';

        return self::test('Soap hose, barb and covers, run again', $why, 2, 'hold');
    }

    private static function wetted(): Move
    {
        $why = 'A dry needle may leak and mean nothing. If it holds now, it was only dry.';

        return self::test('Wet the needle with a drop of fuel, run 60 s', $why, 3, 'hold_wet');
    }

    private static function longer(HoldRecord $hold): Move
    {
        $seconds = $hold->outcome->course->durationS + ($hold->outcome->watchMoreS ?? 60.0);
        $rounded = (int) (ceil($seconds / 10.0) * 10.0);
        $time = $rounded >= 120 ? intdiv($rounded + 59, 60).' min' : "{$rounded} s";
        $why = 'The readings so far fit both a good needle and a bad one.';

        return self::test("Watch longer: run {$time}", $why, 3, 'hold');
    }

    private static function test(string $do, string $why, int $minutes, string $key): Move
    {
        return new Move(Station::BenchTest, $do, $why, $minutes, $key);
    }
}

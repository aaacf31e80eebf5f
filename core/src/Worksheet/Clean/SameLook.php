<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\BenchTest;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Inspection;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\BenchTest\TestRecord;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\Intake\Ticket;

/** The same look is asked for at Bench test and at Clean & inspect: what was seen at the one is not asked at the other. */
final readonly class SameLook
{
    private const AT_BENCH_TEST = 'seen at Bench test';

    private const AT_CLEAN = 'seen at Clean & inspect';

    /** A test was done: what it shows to be sound is sound, unless it was judged by itself. */
    public static function tested(Bench $bench, Entry $entry, string $test, bool $passed): Bench
    {
        $inspected = $bench->of(Inspected::class);
        foreach (self::answered($bench, $test) as $key => $inspection) {
            $record = $inspected->records[$key] ?? null;
            $isOpen = $record === null || $record->reason === self::AT_BENCH_TEST;
            $inspected = match (true) {
                ! $isOpen => $inspected,
                $passed => $inspected->with(InspectionRecord::in($entry, $key, Condition::Sound, self::AT_BENCH_TEST)),
                default => $inspected->without($key),
            };
        }

        return $bench->with($inspected);
    }

    /**
     * Something was judged: a test of which everything is good by now is passed, unless it was done by itself.
     *
     * @param  array<Inspection>  $judged
     */
    public static function judged(Bench $bench, Entry $entry, array $judged): Bench
    {
        $tests = $bench->of(Tests::class);
        $records = $bench->of(Inspected::class)->records;
        foreach ($bench->family->proof->tests as $test => $asked) {
            if (array_filter($judged, $asked->answers(...)) === []) {
                continue;
            }
            $known = $tests->records[$test] ?? null;
            $looks = self::answered($bench, $test);
            $good = array_filter($looks, static fn (Inspection $i): bool => isset($records[$i->key])
                && $records[$i->key]->isGood() && $records[$i->key]->reason !== self::AT_BENCH_TEST);
            $isPassed = $looks !== [] && count($good) === count($looks);
            $isOpen = $known === null || $known->note === self::AT_CLEAN;
            $tests = match (true) {
                ! $isOpen => $tests,
                $isPassed => $tests->with(new TestRecord($test, true, self::AT_CLEAN, $entry->id, $entry->at)),
                default => $tests->without($test),
            };
        }

        return $bench->with($tests);
    }

    /** A bath loosens dirt: every passage found clear before it is blown through again. Common practice. */
    public static function bathed(Bench $bench): Bench
    {
        $inspected = $bench->of(Inspected::class);
        foreach (self::inspections($bench) as $key => $inspection) {
            $isClear = $inspection->isPassage() && ($inspected->records[$key] ?? null)?->isGood() === true;
            $inspected = $isClear ? $inspected->without($key) : $inspected;
        }
        $tests = $bench->of(Tests::class);
        foreach ($bench->family->proof->tests as $test => $asked) {
            $isByThose = in_array(BenchTest::EVERY_PASSAGE, $asked->answers, true)
                && ($tests->records[$test] ?? null)?->note === self::AT_CLEAN;
            $tests = $isByThose ? $tests->without($test) : $tests;
        }

        return $bench->with($inspected)->with($tests);
    }

    /** @return array<string, Inspection> */
    private static function answered(Bench $bench, string $test): array
    {
        $asked = $bench->family->proof->tests[$test] ?? null;

        return $asked === null ? [] : $asked->answered(self::inspections($bench));
    }

    /** @return array<string, Inspection> of the variant on the bench */
    private static function inspections(Bench $bench): array
    {
        return $bench->family->inspectionsOf($bench->of(Ticket::class)->intake->variant ?? '');
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\LeakMap;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\IsolatingTest;
use DustyJet\Carburetor\Joint;
use DustyJet\Carburetor\LeakPaths;
use DustyJet\HoldTest\Verdict;
use DustyJet\LeakIsolation\FeasibleTest;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\LeakCase;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\LeakIsolation\PressureTest;
use DustyJet\LeakIsolation\SoapTest;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** Which joint leaks, by the hold test of the whole and the isolating tests since. */
final readonly class LeakMap
{
    /** The name of the hold test among the isolating ones. */
    public const WHOLE = 'whole';

    /** 95 % of a normal distribution lie within so many standard deviations. */
    private const INTERVAL_SIGMA = 3.92;

    /** Flows of isolating tests are read to a tenth of them. From memory. */
    private const READ_TO = 0.1;

    /** Null where there is nothing to tell apart: no such family, or nothing leaked yet. */
    public static function of(Worksheet $sheet): ?Isolation
    {
        $case = self::asked($sheet);

        return $case === null ? null : Isolation::of($case);
    }

    /** What it is reckoned from. */
    public static function asked(Worksheet $sheet): ?LeakCase
    {
        $leaks = $sheet->family->proof->leaks;
        $hold = self::leaking($sheet);
        $isStale = $sheet->of(Staleness::class)->has(IsolatingResults::READING);
        $results = $isStale ? [] : $sheet->of(IsolatingResults::class)->all;

        return $leaks === null || $hold === null && $results === [] ? null : self::case($sheet->family, $leaks, $hold, $results);
    }

    /** The last hold test, if it leaked and holds. */
    private static function leaking(Worksheet $sheet): ?HoldRecord
    {
        $hold = $sheet->of(Holds::class)->latest();
        $isTrusted = $hold !== null && ! $sheet->of(Staleness::class)->has(Holds::READING);

        return $isTrusted && in_array($hold->outcome->verdict, [Verdict::Leaks, Verdict::HoldsBelow], true) ? $hold : null;
    }

    /** @param  array<string, IsolatingResult>  $results */
    private static function case(Family $family, LeakPaths $leaks, ?HoldRecord $hold, array $results): LeakCase
    {
        $kilopascals = $hold === null ? 34.47 : max(1.0, abs($hold->outcome->course->startKpa));
        $pressure = $hold === null ? [] : [self::whole($family, $leaks, $hold, $kilopascals)];
        $soap = [];
        foreach ($results as $result) {
            $test = $leaks->tests[$result->test];
            if ($test->isSoap) {
                $soap[] = new SoapTest($test->key, array_values(array_unique([...$test->joints, ...$result->bubbled])), $result->bubbled);
            } else {
                $sigma = $result->flow === null ? null : max(0.05, self::READ_TO * $result->flow);
                $pressure[] = new PressureTest($test->key, $test->joints, $kilopascals, $result->outcome, $result->flow, $sigma);
            }
        }
        $joints = self::tried($leaks, $pressure, $soap);
        $open = array_values(array_filter($leaks->tests, static fn (IsolatingTest $t): bool => ! isset($results[$t->key])
            && array_diff($t->joints, array_keys($joints)) === []));

        return new LeakCase(
            array_map(static fn (Joint $j): float => $j->chance, $joints),
            $pressure,
            $soap,
            array_map(
                static fn (IsolatingTest $t): FeasibleTest => new FeasibleTest($t->key, $t->isSoap, $t->joints, $t->minutes),
                $open,
            ),
        );
    }

    /**
     * The joints that count: those a hold test always reaches, and what lies beyond the needle once a test reached it.
     *
     * @param  list<PressureTest>  $pressure
     * @param  list<SoapTest>  $soap
     *
     * @return array<string, Joint>
     */
    private static function tried(LeakPaths $leaks, array $pressure, array $soap): array
    {
        $joints = static fn (PressureTest|SoapTest $t): array => $t->joints;
        $reached = array_merge([], ...array_map($joints, $pressure), ...array_map($joints, $soap));

        return array_filter($leaks->joints, static fn (Joint $j): bool => ! $j->isBeyond || in_array($j->key, $reached, true));
    }

    private static function whole(Family $family, LeakPaths $leaks, HoldRecord $hold, float $kilopascals): PressureTest
    {
        $leak = $hold->outcome->leak;
        $under = $leaks->underPressure($hold->setup->arranged->reachesBeyondTheNeedle($family));
        $sigma = max(0.01, ($leak->highMlMin - $leak->lowMlMin) / self::INTERVAL_SIGMA);

        return new PressureTest(
            self::WHOLE, $under, $kilopascals, Outcome::Leaks, $leak->mlMin, $sigma,
        );
    }

    /**
     * Joints that leak as good as for sure, and those that are cleared.
     *
     * @return array{leaking: list<string>, cleared: list<string>}
     */
    public static function proved(Worksheet $sheet): array
    {
        // A hold test alone tells no joints apart.
        $isolation = $sheet->of(IsolatingResults::class)->all === [] ? null : self::of($sheet);
        $leaking = [];
        foreach ($isolation->suspects ?? [] as $suspect) {
            $leaking = $suspect->isProved() ? [...$leaking, $suspect->joint] : $leaking;
        }

        return ['leaking' => $leaking, 'cleared' => $isolation->cleared ?? []];
    }
}

<?php

declare(strict_types=1);

use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

/*
 * Where a run sends the screw next, each by hand from the rule: quarter turns from the lean side until the peak is
 * bracketed, then the edges, then eighths; never past either end of the screw, never twice to one setting.
 */

/** @param  list<array{0: float, 1: float}>  $run turns, rpm, in the order taken */
function judgedRun(array $run, School $school = School::Peak, bool $air = false, float $travel = 6.0): MixtureResult
{
    return MixtureRun::judge(
        array_map(
            static fn (array $r): MixtureReading => new MixtureReading(
                Turns::nearestTo($r[0]),
                RotationalSpeed::ofRpm($r[1]),
            ),
            $run,
        ),
        $school,
        ! $air,
        $travel,
    );
}

it('goes on in quarters from the last reading on the faster side', function (
    array $run,
    bool $air,
    float $travel,
    float $next,
    NextReason $reason,
): void {
    $result = judgedRun($run, School::Peak, $air, $travel);
    expect($result->nextTurns)->toBe($next)->and($result->reason)->toBe($reason)->and($result->done)->toBeFalse();
})->with([
    'the first: richer' => [[[1.0, 1500.0]], false, 6.0, 1.25, NextReason::StartLean],
    'the first of an air screw: in' => [[[1.0, 1500.0]], true, 6.0, 0.75, NextReason::StartLean],
    'twice at one setting is one setting' => [[[1.0, 1500.0], [1.0, 1510.0]], false, 6.0, 1.25, NextReason::StartLean],
    'faster richer: on' => [[[1.0, 1500.0], [1.25, 1600.0]], false, 6.0, 1.5, NextReason::FindPeak],
    'faster leaner: back past it' => [[[1.0, 1600.0], [1.25, 1500.0]], false, 6.0, 0.75, NextReason::FindPeak],
    'an air screw, faster leaner: out' => [[[1.0, 1500.0], [1.25, 1600.0]], true, 6.0, 1.5, NextReason::FindPeak],
    'an air screw, faster richer: in' => [[[1.0, 1600.0], [1.25, 1500.0]], true, 6.0, 0.75, NextReason::FindPeak],
    'no further than the screw goes' => [[[1.0, 1500.0], [1.25, 1600.0]], false, 1.375, 1.375, NextReason::FindPeak],
    'no further in than an eighth' => [[[0.25, 1600.0], [0.5, 1500.0]], false, 6.0, 0.125, NextReason::FindPeak],
    'three, still rising' => [
        [[1.0, 1500.0], [1.25, 1600.0], [1.5, 1650.0]], false, 6.0, 1.75, NextReason::FindPeak,
    ],
    'three, still falling' => [
        [[1.0, 1650.0], [1.25, 1600.0], [1.5, 1500.0]], false, 6.0, 0.75, NextReason::FindPeak,
    ],
    'three, rising at the end of the screw' => [
        [[1.0, 1500.0], [1.25, 1600.0], [1.5, 1650.0]], false, 1.625, 1.625, NextReason::FindPeak,
    ],
    'three, falling near the seat' => [
        [[0.25, 1650.0], [0.5, 1600.0], [0.75, 1500.0]], false, 6.0, 0.125, NextReason::FindPeak,
    ],
]);

it('halves the wider gap beside the fastest when the far ones are too slow to fit', function (): void {
    // 1.0 and 3.0 run below four fifths of the best: two settings are left, no curve.
    expect(judgedRun([[1.0, 1000.0], [2.0, 1800.0], [2.5, 1750.0], [3.0, 1000.0]])->nextTurns)->toBe(1.5)
        ->and(judgedRun([[1.0, 1000.0], [1.5, 1750.0], [2.0, 1800.0], [3.0, 1000.0]])->nextTurns)->toBe(2.5);
});

it('looks for the lean edge, then the rich one, before it answers by the midpoint', function (): void {
    $fast = [[1.25, 1770.0], [1.5, 1800.0], [1.75, 1775.0]];
    $lean = judgedRun($fast, School::Midpoint);
    expect($lean->nextTurns)->toBe(1.0)->and($lean->reason)->toBe(NextReason::FindLeanEdge)
        ->and($lean->recommendedTurns)->toBeNull()
        ->and($lean->peakTurns)->toEqualWithDelta(1.5, 0.05);
    $rich = judgedRun([[0.75, 1560.0], [1.0, 1690.0], ...$fast], School::Midpoint);
    expect($rich->nextTurns)->toBe(2.0)->and($rich->reason)->toBe(NextReason::FindRichEdge);
    $air = judgedRun([[0.75, 1560.0], [1.0, 1690.0], ...$fast], School::Midpoint, air: true);
    expect($air->nextTurns)->toBe(2.0)->and($air->reason)->toBe(NextReason::FindLeanEdge);
});

it('takes the lean edge of an air screw on the outer side', function (): void {
    $result = judgedRun(
        array_map(
            static fn (float $t): array => [$t, 1800.0 - 900.0 * log($t / 1.5) ** 2],
            range(0.5, 3.5, 0.25),
        ),
        School::Midpoint,
        air: true,
    );
    // In closed form: 1.5 exp(+/- sqrt(0.1)).
    expect($result->edges->leanTurns)->toEqualWithDelta(1.5 * exp(sqrt(0.1)), 1e-3)
        ->and($result->edges->richTurns)->toEqualWithDelta(1.5 * exp(-sqrt(0.1)), 1e-3);
});

it('never answers below the seat', function (): void {
    $run = array_map(
        static fn (float $t): array => [$t, 1800.0 - 100.0 * log($t / 0.15) ** 2],
        [0.0625, 0.125, 0.1875, 0.25, 0.375, 0.5],
    );
    $result = judgedRun($run, School::Midpoint, air: true);

    // The lean edge is at 0.15 exp(sqrt(0.9)), less than the card's half turn from the seat.
    expect($result->edges->isRichMissing)->toBeTrue()
        ->and($result->edges->leanTurns)->toEqualWithDelta(0.15 * exp(sqrt(0.9)), 1e-3)
        ->and($result->recommendedTurns)->toBe(0.125);
});

it('answers the peak where the drop at both ends of the travel is too small for an edge', function (): void {
    $flat = array_map(
        static fn (float $t): array => [$t, 1800.0 - 20.0 * log($t / 0.3) ** 2],
        [0.125, 0.1875, 0.25, 0.375, 0.5, 0.625],
    );
    $result = judgedRun($flat, School::Midpoint, travel: 0.75);
    expect($result->recommendedTurns)->toEqualWithDelta(0.3, 0.02);
});

it('stops when nothing above the tachometer\'s noise is to be gained, and not before the sides have fallen', function (): void {
    // A blunt peak: the interval is wide, the best setting has been tried, both ends are over 30 rpm down.
    $blunt = [[1.0, 1740.0], [1.5, 1790.0], [2.0, 1802.0], [2.5, 1795.0], [3.0, 1762.0]];
    expect(judgedRun($blunt)->reason)->toBe(NextReason::BelowNoise)
        ->and(judgedRun($blunt)->done)->toBeTrue()
        ->and(judgedRun($blunt)->nextTurns)->toBeNull();
    $flat = [[1.0, 1785.0], [1.5, 1795.0], [2.0, 1800.0], [2.5, 1796.0], [3.0, 1788.0]];
    $result = judgedRun($flat);
    expect($result->reason)->toBe(NextReason::Narrow)->and($result->done)->toBeFalse();
    // The untried eighth nearest the answer.
    $tried = [1.0, 1.5, 2.0, 2.5, 3.0];
    $nearest = min(array_map(fn (float $t): float => abs($t - ($result->nextTurns ?? 0.0)), $tried));
    expect($nearest)->toBeGreaterThan(0.06)
        ->and(abs(($result->nextTurns ?? 0.0) - ($result->recommendedTurns ?? 0.0)))->toBeLessThan(0.19)
        ->and(fmod((float) $result->nextTurns, 0.125))->toBe(0.0);
    // Three readings are too few to stop on noise.
    $three = judgedRun([[1.0, 1740.0], [2.0, 1802.0], [3.0, 1750.0]]);
    expect($three->done)->toBeFalse()->and($three->reason)->toBe(NextReason::Narrow);
});

it('goes to the eighth on the other side when the nearest is tried', function (): void {
    $run = [[1.0, 1785.0], [1.5, 1795.0], [2.0, 1800.0], [2.5, 1796.0], [3.0, 1788.0]];
    $seen = [];
    for ($i = 0; $i < 4; $i++) {
        $next = judgedRun($run)->nextTurns;
        expect($next)->not->toBeNull()->and($seen)->not->toContain($next);
        $seen[] = $next;
        $run[] = [(float) $next, 1799.0 - 20.0 * log((float) $next / 2.0) ** 2];
    }
    expect(max($seen) - min($seen))->toBeLessThanOrEqual(1.0);
});

it('counts four readings\' worth of what is known about the tachometer', function (): void {
    // Exact readings: the interval still allows for 15 rpm a reading, and t has four degrees more.
    $exact = judgedRun(array_map(
        static fn (float $t): array => [$t, 1800.0 - 900.0 * log($t / 1.5) ** 2],
        [1.0, 1.25, 1.5, 1.75, 2.0],
    ));
    $half = 0.5 * ($exact->peakHighTurns - $exact->peakLowTurns);
    expect($half)->toBeGreaterThan(0.01)->toBeLessThan(0.08);
});

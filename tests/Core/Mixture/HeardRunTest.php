<?php

declare(strict_types=1);

use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

/*
 * The main needle of a governed engine: the speed says nothing, the ear everything. Common practice: out until it is rough
 * rich, in until it stumbles lean, half-way between.
 */

const GOVERNED_RPM = 3600.0;

/** What an ear without fault hears between these edges. */
function earAt(float $turns, float $lean, float $rich, ?float $rpm = GOVERNED_RPM): MixtureReading
{
    $isAir = $lean > $rich;
    $mark = match (true) {
        $isAir ? $turns > $lean : $turns < $lean => Mark::RoughLean,
        $isAir ? $turns < $rich : $turns > $rich => Mark::RoughRich,
        default => Mark::Clean,
    };

    return new MixtureReading(Turns::nearestTo($turns), $rpm === null ? null : RotationalSpeed::ofRpm($rpm), [$mark]);
}

/** @return array{0: MixtureResult, 1: list<float>} the last word and every setting tried */
function heardRun(
    float $start,
    float $lean,
    float $rich,
    MixtureScrew $screw,
    ?float $rpm = GOVERNED_RPM,
    School $school = School::Midpoint,
): array {
    $tried = [$start];
    $readings = [];
    while (true) {
        $readings[] = earAt($tried[count($tried) - 1], $lean, $rich, $rpm);
        $result = MixtureRun::judge($readings, $school, $screw);
        if ($result->done || $result->nextTurns === null || count($tried) > 20) {
            return [$result, $tried];
        }
        $tried[] = $result->nextTurns;
    }
}

it('leaves it half-way between the stumbles, wherever it starts', function (float $start, float $lean, float $rich): void {
    [$result, $tried] = heardRun($start, $lean, $rich, new MixtureScrew(isSpeedHeld: true));

    expect($result->done)->toBeTrue()
        ->and($result->reason)->toBe(NextReason::BetweenTheStumbles)
        ->and($result->answer->turns)->toEqualWithDelta(0.5 * ($lean + $rich), 0.19)
        ->and($result->answer->low)->toBeLessThan(0.5 * ($lean + $rich))
        ->and($result->answer->high)->toBeGreaterThan(0.5 * ($lean + $rich))
        ->and($result->edges->leanTurns)->toEqualWithDelta($lean, 0.25)
        ->and(count($tried))->toBeLessThanOrEqual(12);
})->with([
    'from the middle' => [1.5, 1.0, 2.0],
    'from the lean side' => [0.75, 1.0, 2.0],
    'from the rich side' => [2.5, 1.0, 2.0],
    'narrow' => [1.5, 1.2, 1.8],
    'wide' => [1.0, 0.8, 2.4],
    'far out' => [3.5, 2.5, 3.5],
]);

it('turns an air screw the other way', function (): void {
    [$result, $tried] = heardRun(1.5, 2.0, 1.0, new MixtureScrew(outIsRicher: false, isSpeedHeld: true));

    expect($result->done)->toBeTrue()
        ->and($result->answer->turns)->toEqualWithDelta(1.5, 0.19)
        ->and($result->answer->low)->toBeLessThan($result->answer->high)
        ->and($tried)->toContain(0.5 * round(2.0 * min($tried)));
});

it('leaves a needle that is never rough rich a turn rich of the lean stumble', function (): void {
    [$result, $tried] = heardRun(1.25, 1.0, 9.0, new MixtureScrew(isSpeedHeld: true));

    expect($result->done)->toBeTrue()
        ->and($result->answer->turns)->toEqualWithDelta(2.0, 0.25)
        ->and($result->edges->isRichMissing)->toBeTrue()
        ->and(max($tried))->toBeLessThanOrEqual(4.0);
});

it('first goes richer, then leaner, in half turns', function (): void {
    $screw = new MixtureScrew(isSpeedHeld: true);
    $judge = static fn (MixtureReading ...$r): MixtureResult => MixtureRun::judge(array_values($r), School::Midpoint, $screw);
    $first = $judge(earAt(0.75, 1.0, 2.0));
    $then = $judge(earAt(1.5, 1.0, 2.0), earAt(2.25, 1.0, 2.0));

    expect($first->reason)->toBe(NextReason::RicherTillRough)->and($first->nextTurns)->toBe(1.25)
        ->and($then->reason)->toBe(NextReason::LeanerTillRough)->and($then->nextTurns)->toBe(1.0);
});

it('leans a screw whose speed nothing holds at idle only', function (): void {
    $run = [
        new MixtureReading(Turns::nearestTo(1.5), null, [Mark::Clean]),
        new MixtureReading(Turns::nearestTo(2.25), null, [Mark::RoughRich]),
    ];
    $free = MixtureRun::judge($run, School::Peak, new MixtureScrew);
    $held = MixtureRun::judge($run, School::Midpoint, new MixtureScrew(isSpeedHeld: true));

    expect($free->reason)->toBe(NextReason::LeanerAtIdle)
        ->and($free->reason->sentence())->toStartWith('At idle only')
        ->and($held->reason)->toBe(NextReason::LeanerTillRough)
        ->and($held->nextTurns)->toBe($free->nextTurns);
});

it('goes nowhere near where it died, and knows of which side that was', function (): void {
    $screw = new MixtureScrew(isSpeedHeld: true);
    $readings = [earAt(1.5, 1.0, 2.0), earAt(2.25, 1.0, 2.0), MixtureReading::died(Turns::nearestTo(0.75))];
    for ($i = 0; $i < 10; $i++) {
        $result = MixtureRun::judge($readings, School::Midpoint, $screw);
        if ($result->nextTurns === null) {
            break;
        }
        expect($result->nextTurns)->toBeGreaterThan(0.75);
        $readings[] = earAt($result->nextTurns, 1.0, 2.0);
    }

    expect($result->done)->toBeTrue()->and($result->answer->turns)->toEqualWithDelta(1.5, 0.19);
});

it('bears a slip of the ear', function (): void {
    $screw = new MixtureScrew(isSpeedHeld: true);
    [, $tried] = heardRun(1.5, 1.0, 2.0, $screw);
    $readings = array_map(static fn (float $t): MixtureReading => earAt($t, 1.0, 2.0), $tried);
    $readings[] = new MixtureReading(Turns::nearestTo(1.25), RotationalSpeed::ofRpm(GOVERNED_RPM), [Mark::RoughRich]);
    for ($i = 0; $i < 8; $i++) {
        $result = MixtureRun::judge($readings, School::Midpoint, $screw);
        if ($result->nextTurns === null) {
            break;
        }
        $readings[] = earAt($result->nextTurns, 1.0, 2.0);
    }

    expect($result->answer->turns)->toEqualWithDelta(1.5, 0.25);
});

it('is for a held speed only, and once something rough was heard', function (): void {
    $readings = array_map(static fn (float $t): MixtureReading => earAt($t, 1.0, 2.0), [0.75, 1.25, 1.5, 2.25]);
    $by = static fn (array $r, MixtureScrew $s): NextReason => MixtureRun::judge($r, School::Midpoint, $s)->reason;
    $byEar = [NextReason::NarrowByEar, NextReason::RicherTillRough, NextReason::LeanerTillRough];

    expect($by($readings, new MixtureScrew(isSpeedHeld: true)))->toBeIn($byEar)
        ->and($by($readings, new MixtureScrew))->not->toBeIn($byEar)
        ->and($by(array_slice($readings, 1, 2), new MixtureScrew(isSpeedHeld: true)))->not->toBeIn($byEar);
});

it('needs no tachometer: what is only listened to is judged by ear, by either school', function (School $school): void {
    [$result, $tried] = heardRun(1.5, 1.0, 2.25, new MixtureScrew, null, $school);

    expect($result->done)->toBeTrue()
        ->and($result->reason)->toBe(NextReason::BetweenTheStumbles)
        ->and($result->answer->turns)->toEqualWithDelta(1.625, 0.19)
        ->and($tried[1])->toBeGreaterThan($tried[0])
        ->and(count($tried))->toBeLessThanOrEqual(12);
})->with([School::Peak, School::Midpoint]);

it('stays with the tachometer while most was read off it, and hears the rest beside', function (): void {
    $read = static fn (float $turns, float $rpm): MixtureReading => new MixtureReading(
        Turns::nearestTo($turns),
        RotationalSpeed::ofRpm($rpm),
    );
    $run = [$read(0.75, 1500), $read(1.0, 1700), $read(1.25, 1780), $read(1.5, 1720), earAt(0.5, 0.75, 2.5, null)];
    $ears = [earAt(0.5, 0.75, 2.5, null), earAt(2.75, 0.75, 2.5, null), $read(1.0, 1700)];

    $even = [$read(1.0, 1700), earAt(0.5, 0.75, 2.5, null)];

    expect(MixtureRun::judge($even, School::Peak)->reason)->not->toBe(NextReason::RicherTillRough)
        ->and(MixtureRun::judge($run, School::Peak)->peak)->not->toBeNull()
        ->and(MixtureRun::judge($ears, School::Peak)->reason)->toBe(NextReason::NarrowByEar);
});

it('goes back to where it was last heard to run when it dies, and does not go there again', function (): void {
    $died = MixtureReading::died(Turns::nearestTo(0.25));
    $result = MixtureRun::judge([earAt(1.0, 0.5, 2.0, null), earAt(2.25, 0.5, 2.0, null), $died], School::Midpoint);

    expect($died->hasDied())->toBeTrue()
        ->and($died->isByEar())->toBeFalse()
        ->and($result->nextTurns)->toBeGreaterThan(0.25)
        ->and($result->edges->leanTurns)->toBeGreaterThan(0.2)->toBeLessThan(1.05);
});

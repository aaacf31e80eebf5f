<?php

declare(strict_types=1);

use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureCsv;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Numerics\Chance;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param  array<array-key, float|null>  $speeds turns => rpm, null where it died */
function readings(array $speeds): array
{
    return array_map(
        fn (string|int $turns, ?float $rpm): MixtureReading => $rpm === null
            ? MixtureReading::died(Turns::parse((string) $turns))
            : new MixtureReading(Turns::parse((string) $turns), RotationalSpeed::ofRpm($rpm)),
        array_keys($speeds),
        $speeds,
    );
}

/** A made-up engine: a parabola in ln(turns), so that the true answers are known in closed form. */
function speedAt(float $turns, float $peak, float $top = 1800.0, float $bend = 900.0): float
{
    return max(300.0, $top - $bend * log($turns / $peak) ** 2);
}

it('finds the peak of a parabola in ln turns, on either side of a step', function (float $peak): void {
    $run = [];
    foreach ([0.75, 1.0, 1.25, 1.5, 1.75, 2.0, 2.25] as $turns) {
        $run[(string) Turns::nearestTo($turns)] = speedAt($turns, $peak);
    }
    $result = MixtureRun::judge(readings($run), School::Peak);

    expect($result->peak?->turns)->toEqualWithDelta($peak, 0.05)
        ->and($result->answer)->toEqual($result->peak)
        ->and($result->peakRpm)->toEqualWithDelta(1800.0, 10.0)
        ->and($result->peak?->low)->toBeLessThan($peak)
        ->and($result->peak?->high)->toBeGreaterThan($peak)
        ->and($result->done)->toBeTrue()
        ->and($result->nextTurns)->toBeNull();
})->with([1.1, 1.4, 1.6]);

it('puts the midpoint between the two edges five per cent below the peak', function (bool $air): void {
    $run = [];
    foreach (range(0.75, 2.5, 0.25) as $turns) {
        $run[(string) Turns::nearestTo($turns)] = speedAt($turns, 1.5);
    }
    $result = MixtureRun::judge(readings($run), School::Midpoint, new MixtureScrew(! $air));
    $reach = sqrt((0.05 * 1800.0) / 900.0);
    [$few, $many] = [1.5 * exp(-$reach), 1.5 * exp($reach)];

    // Edges of the parabola in closed form: 1.5 exp(-/+ sqrt(0.1)).
    expect($result->answer?->turns)->toEqualWithDelta(0.5 * ($few + $many), 0.06)
        ->and($result->edges->leanTurns)->toEqualWithDelta($air ? $many : $few, 0.06)
        ->and($result->edges->richTurns)->toEqualWithDelta($air ? $few : $many, 0.06);
})->with([false, true]);

it('falls back to the lean edge and the card where there is no rich edge', function (): void {
    $run = ['3/4' => 1500.0, '1' => 1640.0, '1 1/2' => 1770.0, '2' => 1800.0, '2 1/4' => 1798.0, '2 1/2' => 1795.0];
    $screw = new MixtureScrew(offset: 0.5, travel: 2.5);
    $result = MixtureRun::judge(readings($run), School::Midpoint, $screw);

    expect($result->edges->isRichMissing)->toBeTrue()
        ->and($result->answer?->turns)->toEqualWithDelta(($result->edges->leanTurns ?? 0) + 0.5, 0.05);
});

it('never answers beyond either end of the screw', function (): void {
    $run = ['1/8' => 1795.0, '1/4' => 1780.0, '3/8' => 1740.0, '1/2' => 1700.0, '3/4' => 1600.0];
    $low = MixtureRun::judge(readings($run), School::Midpoint, new MixtureScrew(false));
    $high = MixtureRun::judge(
        readings(['1' => 1500.0, '1 1/4' => 1600.0, '1 1/2' => 1680.0, '1 3/4' => 1740.0]),
        School::Peak,
        new MixtureScrew(travel: 1.75),
    );
    expect($low->answer?->turns)->toBeGreaterThanOrEqual(0.0625)
        ->and($high->answer?->turns)->toBeLessThanOrEqual(1.75)
        ->and($high->nextTurns ?? 1.75)->toBeLessThanOrEqual(1.75);
});

it('goes on in quarters from the last reading on the faster side', function (
    array $run,
    bool $air,
    float $travel,
    float $next,
    NextReason $reason,
): void {
    $result = MixtureRun::judge(readings($run), School::Peak, new MixtureScrew(! $air, travel: $travel));
    expect($result->nextTurns)->toBe($next)->and($result->reason)->toBe($reason)->and($result->done)->toBeFalse();
})->with([
    'the first: richer' => [['1' => 1500.0], false, 6.0, 1.25, NextReason::StartLean],
    'the first of an air screw: in' => [['1' => 1500.0], true, 6.0, 0.75, NextReason::StartLean],
    'faster richer: on' => [['1' => 1500.0, '1 1/4' => 1600.0], false, 6.0, 1.5, NextReason::FindPeak],
    'faster leaner: back past it' => [['1' => 1600.0, '1 1/4' => 1500.0], false, 6.0, 0.75, NextReason::FindPeak],
    'an air screw, faster leaner: out' => [['1' => 1500.0, '1 1/4' => 1600.0], true, 6.0, 1.5, NextReason::FindPeak],
    'an air screw, faster richer: in' => [['1' => 1600.0, '1 1/4' => 1500.0], true, 6.0, 0.75, NextReason::FindPeak],
    'no further than the screw goes' => [['1' => 1500.0, '1 1/4' => 1600.0], false, 1.375, 1.375, NextReason::FindPeak],
    'no further in than an eighth' => [['1/4' => 1600.0, '1/2' => 1500.0], false, 6.0, 0.125, NextReason::FindPeak],
    'it died: halfway back to where it ran' => [['1' => 1600.0, '1/2' => null], false, 6.0, 0.75, NextReason::ItDied],
    'it died richer: never beyond that' => [
        ['1' => 1400.0, '1 1/2' => null, '1 1/4' => 1500.0], false, 6.0, 1.375, NextReason::FindPeak,
    ],
    'it died and never ran: richer' => [['1/2' => null], false, 6.0, 0.75, NextReason::ItDied],
    'it died once, and runs again' => [['1/2' => null, '1' => 1500.0], false, 6.0, 1.25, NextReason::FindPeak],
]);

it('hears what a governor hides', function (): void {
    // The governor holds 1,750: the speed says nothing, the ear does. Rough lean at 3/4, rough rich at 2 1/2.
    $held = static fn (string $t, Mark $mark): MixtureReading => new MixtureReading(
        Turns::parse($t), RotationalSpeed::ofRpm(1750.0), [$mark],
    );
    $run = [
        $held('3/4', Mark::RoughLean),
        $held('1', Mark::Clean),
        $held('1 1/2', Mark::Clean),
        $held('2 1/2', Mark::RoughRich),
    ];
    $deaf = array_map(static fn (MixtureReading $r): MixtureReading => new MixtureReading($r->turns, $r->speed), $run);
    $heard = MixtureRun::judge($run, School::Peak)->peak;

    // Between the edges, phi 1.13 lies at 1.35 by the geometric rule of three.
    expect($heard?->turns)->toEqualWithDelta(1.35, 0.2)
        ->and($heard?->width())->toBeLessThan(0.5 * (MixtureRun::judge($deaf, School::Peak)->peak?->width() ?? 0.0));
});

it('is not led astray by one misread tachometer', function (): void {
    $run = [
        '3/4' => 1450.0,
        '1' => 1600.0,
        '1 1/4' => 1700.0,
        '1 1/2' => 1740.0,
        '1 3/4' => 1730.0,
        '2' => 1690.0,
        '2 1/4' => 1640.0,
    ];
    $clean = MixtureRun::judge(readings($run), School::Peak)->peak?->turns;
    $run['2'] = 1400.0;

    expect(MixtureRun::judge(readings($run), School::Peak)->peak?->turns)->toEqualWithDelta($clean, 0.1);
});

it('asks for what it does not know, on a step of the screw, near what was tried', function (School $school): void {
    $seed = seed();
    $chance = new Chance(new Randomizer(new Mt19937($seed)));
    $asked = 0;
    for ($round = 0; $round < 60; $round++) {
        $step = $round % 2 === 0 ? 0.125 : 0.0625;
        $peak = $chance->between(0.5, 2.5);
        $run = [];
        for ($i = 0; $i < 4; $i++) {
            $turns = max($step, round($chance->between(0.25, 3.0) / $step) * $step);
            $run[] = new MixtureReading(
                Turns::nearestTo($turns), RotationalSpeed::ofRpm(speedAt($turns, $peak) + 15.0 * $chance->gaussian()),
            );
        }
        $result = MixtureRun::judge($run, $school, new MixtureScrew(step: $step, travel: 4.0));
        $next = $result->nextTurns;
        $asked += $next === null ? 0 : 1;
        $tried = array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), $run);
        expect($next)->not->toBeNull("SEED={$seed} round {$round}: four readings are never enough")
            ->and(fmod((float) $next / $step, 1.0))->toBe(0.0)
            ->and($next)->toBeGreaterThanOrEqual(max($step, min($tried) - 0.5 - $step), "SEED={$seed} round {$round}")
            ->and($next)->toBeLessThanOrEqual(min(4.0, max($tried) + 0.5 + $step), "SEED={$seed} round {$round}");
    }
    expect($asked)->toBe(60);
})->with([School::Peak, School::Midpoint]);

it('ends near the best on random curves, in few readings', function (): void {
    $seed = seed();
    $chance = new Chance(new Randomizer(new Mt19937($seed)));
    $near = $taken = $covered = 0;
    for ($engine = 0; $engine < 100; $engine++) {
        $peak = $chance->between(0.9, 2.5);
        $bend = $chance->between(500.0, 2500.0);
        $turns = Turns::nearestEighthTo(max(0.25, $peak + $chance->between(-0.75, 0.75)));
        $run = [];
        do {
            $rpm = speedAt($turns->inTurns(), $peak, 1800.0, $bend) + 15.0 * $chance->gaussian();
            $run[] = new MixtureReading($turns, RotationalSpeed::ofRpm($rpm));
            $result = MixtureRun::judge($run, School::Peak);
            $turns = Turns::nearestTo($result->nextTurns ?? 1.0);
        } while (! $result->done && count($run) < 16);
        $left = $result->answer->turns ?? INF;
        $taken += count($run);
        $near += abs($left - $peak) <= 0.125 || speedAt($left, $peak, 1800.0, $bend) >= 1785.0 ? 1 : 0;
        $covered += $result->answer !== null && $result->answer->low <= $peak && $peak <= $result->answer->high ? 1 : 0;
    }

    // Of 100: over 60 seeds never fewer than 94 near and 90 covered.
    expect($near)->toBeGreaterThanOrEqual(92, "SEED={$seed}")
        ->and($covered)->toBeGreaterThanOrEqual(86, "SEED={$seed}")
        ->and($taken / 100)->toBeLessThan(8.0, "SEED={$seed}");
});

it('reads a CSV and refuses a bad one by its line', function (): void {
    $marked = MixtureCsv::parse("turns,rpm,mark\n1 3/4,1700,flutter smoke\n2,,dies\n1,1650,\n");
    expect(MixtureCsv::parse("turns,rpm\n1 3/4,1700\n2,1650\n"))
        ->toHaveCount(2)
        ->and(MixtureCsv::parse("\xEF\xBB\xBFturns;rpm\r\n1,75;1700,5\r\n")[0]->rpm())->toBe(1700.5)
        ->and($marked[0]->marks)->toBe([Mark::Flutter, Mark::Smoke])
        ->and($marked[1]->speed)->toBeNull()
        ->and($marked[1]->marks)->toBe([Mark::Dies])
        ->and($marked[2]->marks)->toBe([]);
});

it('refuses a bad CSV by its line', function (string $bad, string $says): void {
    expect(fn () => MixtureCsv::parse($bad))->toThrow(UnusableRun::class, $says);
})->with([
    ["rpm,turns\n", 'Line 1'],
    ["turns,rpm\n", 'at least one reading'],
    ["turns,rpm\n1,1700\n99,1700\n", 'Line 3'],
    ["turns,rpm\n1,NaN\n", '"NaN" is not a speed'],
    ["turns,rpm\n1,-5\n", '"-5" is not a speed'],
    ["turns,rpm\n1,0\n", 'rpm must be above 0'],
    ["turns,rpm\n1,200000\n", 'Line 2'],
    ["turns,rpm\n1,\n", '"" is not a speed'],
    ["turns,rpm\n1\n", 'two columns'],
    ["turns,rpm,mark\n1,1700\n", 'three columns'],
    ["turns,rpm\n1.76,1700\n", 'Line 2'],
    ["turns,rpm,mark\n1,1700,purrs\n", 'mark "purrs" is unknown'],
    ["turns,rpm,mark\n1,,dies smoke\n", 'marked nothing else'],
]);

it('gives a reason in words for every answer', function (NextReason $reason): void {
    expect($reason->sentence())->toEndWith('.');
})->with(NextReason::cases());

it('draws no curve through fewer than three settings, however often they were read', function (): void {
    $run = [
        ...readings(['1' => 1500.0, '1 1/2' => 1600.0]),
        ...readings(['1' => 1502.0, '1 1/2' => 1603.0]),
    ];

    expect(MixtureRun::judge($run, School::Peak)->curve)->toBe([]);
});

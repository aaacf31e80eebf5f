<?php

declare(strict_types=1);

use DustyJet\Instrument\GaugeScenario;
use DustyJet\Instrument\StandInGauge;
use DustyJet\Instrument\StandInTachometer;
use DustyJet\Instrument\StandInVacuumSet;
use DustyJet\PopOff\PopDetector;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<float> psi, ten times a second */
function plays(GaugeScenario $scenario, float $seconds, int $seed = 5): array
{
    $gauge = new StandInGauge($scenario, new Randomizer(new Mt19937($seed)));

    return array_map(static fn (float $t): float => $gauge->read($t) / 6.894757293168361, range(0.0, $seconds, 0.1));
}

it('plays the same for the same seed, and others for another', function (): void {
    expect(plays(GaugeScenario::SlowLeak, 20.0))
        ->toBe(plays(GaugeScenario::SlowLeak, 20.0))
        ->not->toBe(plays(GaugeScenario::SlowLeak, 20.0, 6));
});

it('is pumped to five psi and then does what it is called', function (
    GaugeScenario $scenario,
    float $least,
    float $most,
): void {
    $psi = plays($scenario, 60.0);

    expect($psi[5])
        ->toBeLessThan(0.1)
        ->and(max($psi))
        ->toEqualWithDelta(5.0, 0.45)
        ->and($psi[600])
        ->toBeGreaterThan($least)
        ->toBeLessThan($most);
})->with([
    [GaugeScenario::Tight, 4.9, 5.2],
    [GaugeScenario::SlowLeak, 2.8, 3.9],
    [GaugeScenario::HoldsBelow, 3.1, 3.4],
    [GaugeScenario::Settling, 4.9, 5.2],
    [GaugeScenario::LeakingBarb, 0.8, 1.8],
    [GaugeScenario::CheckValveGood, 4.9, 5.2],
    [GaugeScenario::CheckValveSideLeak, 1.5, 2.6],
    [GaugeScenario::DriftingRoom, 4.85, 5.2],
]);

it('never gets a failed check valve to hold', function (): void {
    expect(max(plays(GaugeScenario::CheckValveFailed, 60.0)))->toBeLessThan(2.0);
});

it('leaks dry and holds wet', function (): void {
    $psi = plays(GaugeScenario::DryThenWet, 130.0);

    expect($psi[700])
        ->toBeLessThan(3.5)
        ->and($psi[790])
        ->toBeLessThan(0.5)
        ->and($psi[1290])
        ->toBeGreaterThan(4.8);
});

it('pops at thirteen and shuts at ten', function (): void {
    $psi = plays(GaugeScenario::PopOff, 90.0);
    $pops = PopDetector::in(range(0.0, 90.0, 0.1), array_map(static fn (float $p): float => $p * 6.894757293168361, $psi), 0.07);

    expect(count($pops))->toBeGreaterThan(3);
    foreach ($pops as $pop) {
        expect($pop->pop->inPsi())->toEqualWithDelta(13.0, 0.3)->and($pop->reseat->inPsi())->toEqualWithDelta(10.0, 0.4);
    }
});

it('drifts with the room by an eighth of a psi, and no more', function (): void {
    $psi = array_slice(plays(GaugeScenario::DriftingRoom, 200.0), 300);

    expect(max($psi) - min($psi))->toBeGreaterThan(0.08)->toBeLessThan(0.25);
});

it('pulses a vacuum on every channel, each about its own', function (): void {
    $set = new StandInVacuumSet(new Randomizer(new Mt19937(5)));
    $means = array_map(
        static fn (int $c): float => array_sum(array_map(
            static fn (float $t): float => $set->read($t, $c) / 3.386389,
            range(0.0, 9.99, 0.01),
        )) / 1000,
        [1, 2, 3],
    );

    expect($means[0])->toEqualWithDelta(12.0, 0.02)
        ->and($means[1])->toEqualWithDelta(11.2, 0.02)
        ->and($means[2])->toEqualWithDelta(12.6, 0.02);
});

it('idles, steadily or wandering', function (): void {
    $read = static fn (bool $wanders): array => array_map(
        (new StandInTachometer($wanders, new Randomizer(new Mt19937(5))))->read(...),
        range(0.0, 20.0, 0.1),
    );
    $steady = $read(false);
    $wandering = $read(true);

    expect(max($steady) - min($steady))
        ->toBeLessThan(30.0)
        ->and(array_sum($steady) / 201)
        ->toEqualWithDelta(1750.0, 5.0)
        ->and(max($wandering) - min($wandering))
        ->toBeGreaterThan(280.0)
        ->toBeLessThan(360.0);
});

<?php

declare(strict_types=1);

use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\HoldTest\UnusableTrace;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use Random\Engine\Mt19937;
use Random\Randomizer;

function quietLeak(LeakShape $shape, float $flow, bool $isVacuum = false, float $startPsi = 5.0): ScriptedLeak
{
    return new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        $shape,
        Flow::ofMillilitresPerMinute($flow),
        startPsi: $startPsi,
        isVacuum: $isVacuum,
        noisePsi: 0.0,
        stepPsi: 0.0,
    );
}

it('gives the same readings for the same seed, and others for another', function (): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(1.0),
    );
    $read = fn (int $seed): array => $leak->readings(range(0, 30), new Randomizer(new Mt19937($seed)));

    expect($read(1))->toBe($read(1))->and($read(1))->not->toBe($read(2));
});

it('falls at first as the mass balance says, whatever the shape', function (LeakShape $shape, bool $isVacuum): void {
    $readings = quietLeak($shape, 3.0, $isVacuum)->readings([0.0, 0.1], new Randomizer(new Mt19937(1)));
    $pascalsPerSecond = (($readings[0][1] - $readings[1][1]) * 6894.757) / 0.1;

    expect(
        Flow::fromPressureChange(Volume::ofMillilitres(18.0), $pascalsPerSecond)->inMillilitresPerMinute(),
    )->toEqualWithDelta(3.0, 0.01);
})
    ->with(LeakShape::cases())
    ->with([false, true]);

it('never falls below the atmosphere', function (LeakShape $shape): void {
    $readings = quietLeak($shape, 40.0)->readings(range(0, 600, 10), new Randomizer(new Mt19937(1)));

    foreach ($readings as $i => [$seconds, $psi]) {
        expect($psi)->toBeGreaterThanOrEqual(0.0);
        expect($i === 0 || $psi <= $readings[$i - 1][1])->toBeTrue();
    }
})->with(LeakShape::cases());

it('reads a stepped gauge in steps', function (float $step): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(2.0),
        stepPsi: $step,
    );

    foreach ($leak->readings(range(0, 40), new Randomizer(new Mt19937(4))) as [, $psi]) {
        expect(abs($psi / $step - round($psi / $step)))->toBeLessThan(1e-9);
    }
})->with([0.05, 0.1, 0.25, 0.5]);

it('comes to rest where the joint closes', function (): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(1.0),
        noisePsi: 0.0,
        stepPsi: 0.0,
        sealsBelowPsi: 3.0,
        plateauTauSeconds: 10.0,
    );
    $readings = $leak->readings([0.0, 10.0, 200.0], new Randomizer(new Mt19937(1)));

    expect($readings[0][1])
        ->toBe(5.0)
        ->and($readings[1][1])
        ->toEqualWithDelta(3.0 + 2.0 * exp(-1.0), 1e-9)
        ->and($readings[2][1])
        ->toEqualWithDelta(3.0, 1e-6);
});

it('has the noise it was given', function (): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(0.0),
        noisePsi: 0.02,
        stepPsi: 0.0,
    );
    $off = array_map(
        fn (array $r): float => $r[1] - 5.0,
        $leak->readings(range(0, 3999), new Randomizer(new Mt19937(8))),
    );
    $mean = array_sum($off) / count($off);
    $spread = sqrt(array_sum(array_map(fn (float $o): float => ($o - $mean) ** 2, $off)) / count($off));

    // Four standard errors of a mean and of a spread of 4,000.
    expect($mean)
        ->toEqualWithDelta(0.0, (4 * 0.02) / sqrt(4000))
        ->and($spread)
        ->toEqualWithDelta(0.02, (4 * 0.02) / sqrt(8000));
});

it('makes no trace of nothing', function (): void {
    expect(
        fn () => quietLeak(LeakShape::Linear, 0.0, startPsi: 0.0)->trace(range(0, 10), new Randomizer(new Mt19937(1))),
    )->toThrow(UnusableTrace::class);
});

it('settles as an exponential on top of the leak, gone after a few time constants', function (): void {
    $with = static fn (float $psi): array => (new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(1.0),
        settlingPsi: $psi,
        settlingSeconds: 4.0,
        noisePsi: 0.0,
        stepPsi: 0.0,
    ))->readings([0.0, 2.0, 8.0, 60.0], new Randomizer(new Mt19937(1)));

    foreach ($with(0.5) as $i => [$seconds, $psi]) {
        expect($psi - $with(0.0)[$i][1])->toEqualWithDelta(0.5 * exp(-$seconds / 4.0), 1e-9);
    }
});

it('follows the same curve however seldom it is read', function (LeakShape $shape): void {
    $read = static fn (array $seconds): array => array_column(
        quietLeak($shape, 4.0)->readings($seconds, new Randomizer(new Mt19937(1))),
        1,
        0,
    );

    expect($read([0.0, 40.0, 90.0])[90])->toEqualWithDelta($read(range(0, 90))[90], 1e-4);
})->with(LeakShape::cases());

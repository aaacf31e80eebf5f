<?php

declare(strict_types=1);

use DustyJet\HoldTest\HoldModel;
use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\HoldTest\Verdict;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\Volume;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param  list<array{0: float, 1: float}>  $readings seconds and psi */
function heldAs(array $readings, float $step): HoldResult
{
    return HoldTest::judge(
        PressureTrace::of($readings, PressureUnit::Psi, false, $step),
        new Rig(Volume::ofMillilitres(18.0), 0.0),
        Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
    );
}

// Two readings on a dial say what Boyle's law says of their difference, give or take one step of the dial: so many ml at one
// atmosphere of 14.696 psi.
it('judges two readings as wide as one step of the gauge', function (float $psi, float $step, Verdict $verdict): void {
    $result = heldAs([[0.0, 5.0], [60.0, $psi]], $step);
    $lost = static fn (float $fall): float => 18.0 * max(0.0, $fall) / 14.696;
    // A leak in proportion to the pressure is so much faster at its start than on the average.
    $steeper = $psi < 5.0 ? 5.0 * log(5.0 / $psi) / (5.0 - $psi) : 1.0;

    expect($result->verdict)->toBe($verdict)
        ->and($result->leak->low->inMillilitresPerMinute())->toBeLessThanOrEqual($lost(5.0 - $psi - $step) + 0.02)
        ->and($result->leak->high->inMillilitresPerMinute())->toBeGreaterThanOrEqual(0.95 * $lost(5.0 - $psi + $step))
        ->toBeLessThanOrEqual(1.2 * $steeper * $lost(5.0 - $psi + $step) + 0.05);
})->with([
    'stood still, fine gauge' => [5.0, 0.1, Verdict::Holds],
    'stood still, coarse gauge' => [5.0, 0.5, Verdict::Holds],
    'a coarse step down' => [4.5, 0.5, Verdict::KeepWatching],
    'a fine step down' => [4.9, 0.1, Verdict::Holds],
    'far down' => [2.0, 0.1, Verdict::Leaks],
]);

it('calls a leak a leak, however few readings show it', function (): void {
    $result = heldAs([[0.0, 5.0], [60.0, 2.0]], 0.5);

    expect($result->verdict)->toBe(Verdict::Leaks)
        ->and($result->model)->toBe(HoldModel::Leak)
        ->and($result->leak->hole)->not->toBeNull();
});

it('covers the leak with two and three readings, and is not wrong about it', function (int $readings, float $settling): void {
    $seed = seed();
    $covered = 0;
    $tries = 120;
    for ($i = 0; $i < $tries; $i++) {
        $chance = new Randomizer(new Mt19937($seed + $i));
        $flow = $i % 5 === 0 ? 0.0 : $chance->getInt(0, 300) / 100.0;
        $step = [0.05, 0.1, 0.5][$i % 3];
        $leak = new ScriptedLeak(
            new Rig(Volume::ofMillilitres(18.0), 0.0),
            LeakShape::cases()[intdiv($i, 3) % 3],
            Flow::ofMillilitresPerMinute($flow),
            settlingPsi: $settling,
            noisePsi: 0.015,
            stepPsi: $step,
        );
        $every = $chance->getInt(30, 120) / ($readings - 1);
        $times = array_map(static fn (int $k): float => $k * $every, range(0, $readings - 1));
        $result = HoldTest::judge(
            $leak->trace($times, $chance),
            new Rig(Volume::ofMillilitres(18.0), 0.0),
            Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
        );
        $covered += $flow >= $result->leak->low->inMillilitresPerMinute() - 1e-9
            && $flow <= $result->leak->high->inMillilitresPerMinute() + 1e-9 ? 1 : 0;

        expect($result->verdict === Verdict::Holds && $flow > 0.75)->toBeFalse("SEED={$seed} {$i}")
            ->and($result->verdict === Verdict::Leaks && $flow < 0.45)->toBeFalse("SEED={$seed} {$i}");
    }

    // Of 120 intervals at 95 %, fewer than 106 cover once in a thousand runs (binomial).
    expect($covered)->toBeGreaterThanOrEqual(106, "SEED={$seed}");
})->with([[2, 0.0], [2, 0.2], [3, 0.0], [3, 0.2]]);

<?php

declare(strict_types=1);

use DustyJet\Engine\Setting;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\Weather;
use Tests\Core\Engine\Engines;

it('comes to the speed that holds, from idle and from above', function (): void {
    $seed = seed();
    for ($i = 0; $i < 10; $i++) {
        $well = Engines::random($seed + $i, $i % 2 === 0 ? Stroke::Two : Stroke::Four);
        $transient = new Transient($well->engine, Weather::standard(), $well->idleRpm);

        expect($transient->run($well->idle, 3.0))->toEqualWithDelta($well->idleRpm, 0.01 * $well->idleRpm, "SEED={$seed} {$i}")
            ->and($transient->run($well->full, 8.0))->toEqualWithDelta($well->topRpm, 0.01 * $well->topRpm, "SEED={$seed} {$i}")
            ->and($transient->run($well->idle, 30.0))->toEqualWithDelta($well->idleRpm, 0.01 * $well->idleRpm, "SEED={$seed} {$i}")
            ->and($transient->rpm())->toBe($transient->run($well->idle, 0.0));
    }
});

it('goes twice as near with half the step, four times: the midpoint rule', function (): void {
    $setting = new Setting(80.0, 1.25, 1.0);
    $after = static fn (float $step): float => (new Transient(Engines::saw(), Weather::standard(), 6000.0))->run($setting, 0.32, $step);
    $exact = $after(0.0005);
    $coarse = abs($after(0.016) - $exact);
    $fine = abs($after(0.008) - $exact);

    expect($coarse / $fine)->toBeGreaterThan(1.8)->and($fine)->toBeLessThan(0.01 * $exact);
});

it('is slower to spin up what weighs more: J dw/dt is the power to spare over the speed', function (): void {
    $saw = Engines::saw();
    $setting = new Setting(80.0, 1.25, 1.0);
    $transient = new Transient($saw, Weather::standard(), 8000.0);
    $spare = $saw->spare(8000.0, $saw->flows(8000.0, $setting, Weather::standard()), Weather::standard());
    $gain = $spare / ($saw->cylinder->inertia() * 8000.0 * M_PI / 30.0) * 30.0 / M_PI;

    expect(($transient->run($setting, 0.001, 0.001) - 8000.0) / 0.001)->toEqualWithDelta($gain, 0.01 * $gain)
        ->and($gain)->toBeGreaterThan(1000.0)
        ->and($saw->cylinder->inertia())->toEqualWithDelta(6.9e-4, 1e-9);
});

it('stops for good once it is slower than a starter turns it', function (): void {
    $transient = new Transient(Engines::saw(), Weather::standard(), 3000.0);

    expect($transient->run(new Setting(80.0, 0.0, 0.0), 3.0))->toBe(0.0)
        ->and($transient->run(new Setting(80.0, 1.25, 1.0), 3.0))->toBe(0.0);
});

it('refuses a speed, a time or a step that cannot be', function (float $rpm, float $seconds, float $step): void {
    (new Transient(Engines::saw(), Weather::standard(), $rpm))->run(new Setting(80.0, 1.0, 1.0), $seconds, $step);
})->with([[-1.0, 1.0, 0.01], [20_000.0, 1.0, 0.01], [NAN, 1.0, 0.01], [3000.0, -1.0, 0.01], [3000.0, 1e9, 0.01], [3000.0, 1.0, 0.0], [3000.0, 1.0, 1.0]])
    ->throws(UnusableEngine::class);

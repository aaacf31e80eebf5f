<?php

declare(strict_types=1);

use DustyJet\Engine\Goals;
use DustyJet\Engine\Governor;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\VirtualEngine;
use DustyJet\Engine\Weather;
use Tests\Core\Engine\Engines;

it('is shut at its speed, wide open at the droop below it, and half way half open', function (): void {
    $governor = new Governor(3600.0, 6.0, 0.05);

    expect($governor->degrees(3600.0))->toEqualWithDelta(6.0, 1e-9)
        ->and($governor->degrees(4000.0))->toEqualWithDelta(6.0, 1e-9)
        ->and($governor->degrees(3420.0))->toEqualWithDelta(Goals::FULL_DEG, 1e-9)
        ->and($governor->degrees(0.0))->toBe(Goals::FULL_DEG)
        ->and($governor->degrees(3510.0))->toEqualWithDelta(0.5 * (6.0 + Goals::FULL_DEG), 1e-9);
});

it('holds a speed within its droop, less under more load, and neither runs away nor needs wide open', function (): void {
    $seed = seed();
    for ($i = 0; $i < 8; $i++) {
        $well = Engines::random($seed + $i, Stroke::Four);
        $set = 0.85 * $well->topRpm;
        $governor = new Governor($set, $well->idle->throttleDeg);
        $light = $governor->steady($well->engine, $well->full, Weather::standard());
        $cylinder = $well->engine->cylinder;
        $loaded = new VirtualEngine(
            $cylinder->giving($cylinder->indicatedEfficiency, 1.2 * $cylinder->loadWPerKrpm3),
            $well->engine->throat,
            $well->engine->circuits,
        );
        $heavy = $governor->steady($loaded, $well->full, Weather::standard());

        expect($light->rpm)->toBeLessThan($set, "SEED={$seed} {$i}")
            ->and($light->rpm)->toBeGreaterThan((1.0 - Governor::DROOP) * $set, "SEED={$seed} {$i}")
            ->and($heavy->rpm)->toBeLessThan($light->rpm, "SEED={$seed} {$i}")
            ->and($heavy->setting->throttleDeg)->toBeGreaterThan($light->setting->throttleDeg, "SEED={$seed} {$i}");
        $left = $well->engine->spare($light->rpm, $light->flows, Weather::standard());
        expect(abs($left))->toBeLessThan(0.5, "SEED={$seed} {$i}");
    }
});

it('hunts where it pulls too hard or nothing rubs, and comes to rest where it is well', function (): void {
    $seed = seed();
    for ($i = 0; $i < 4; $i++) {
        $well = Engines::random($seed + $i, Stroke::Four);
        $wanders = static fn (float $droop, float $damping): float => (new Governor(
            0.85 * $well->topRpm,
            $well->idle->throttleDeg,
            $droop,
            $damping,
        ))->wanders($well->engine, $well->full, Weather::standard());

        expect($wanders(Governor::DROOP, Governor::DAMPING))->toBeLessThan(0.005, "SEED={$seed} {$i}")
            ->and($wanders(0.01, 0.05))->toBeGreaterThan(0.01, "SEED={$seed} {$i}")
            ->and($wanders(Governor::DROOP, 0.0))->toBeGreaterThan(0.01, "SEED={$seed} {$i}");
    }
});

it('brings an engine in time to the speed that it holds', function (): void {
    $well = Engines::random(20260412, Stroke::Four);
    $governor = new Governor(0.85 * $well->topRpm, $well->idle->throttleDeg);
    $steady = $governor->steady($well->engine, $well->full, Weather::standard())->rpm;
    $transient = new Transient($well->engine, Weather::standard(), 0.9 * $steady, $governor);

    expect($transient->run($well->full, 8.0))->toEqualWithDelta($steady, 0.002 * $steady);
});

it('follows as a mass on a spring: without friction it keeps swinging, with it it comes to rest', function (): void {
    $swing = static function (float $damping): float {
        $governor = new Governor(3600.0, 6.0, 0.07, $damping);
        $rpm = 3500.0;
        $rest = $governor->degrees($rpm);
        $at = ['degrees' => $rest + 10.0, 'speed' => 0.0];
        $most = 0.0;
        for ($step = 0; $step < 1000; $step++) {
            $at = $governor->follows($at, $rpm, 0.001);
            $most = $step > 800 ? max($most, abs($at['degrees'] - $rest)) : $most;
        }

        return $most;
    };

    expect($swing(0.0))->toEqualWithDelta(10.0, 0.5)->and($swing(Governor::DAMPING))->toBeLessThan(1e-6);
});

it('says what no governor is', function (callable $made, string $field): void {
    expect(static fn (): mixed => $made())->toThrow(UnusableEngine::class, $field);
})->with([
    'a standing engine' => [static fn (): Governor => new Governor(0.0, 6.0), 'governed_rpm'],
    'shut past wide open' => [static fn (): Governor => new Governor(3600.0, 85.0), 'stop_deg'],
    'no droop' => [static fn (): Governor => new Governor(3600.0, 6.0, 0.0), 'droop'],
    'damping below zero' => [static fn (): Governor => new Governor(3600.0, 6.0, 0.07, -0.1), 'damping'],
]);

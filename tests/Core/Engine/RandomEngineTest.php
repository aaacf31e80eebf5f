<?php

declare(strict_types=1);

use DustyJet\Engine\CalibratedEngine;
use DustyJet\Engine\EngineJson;
use DustyJet\Engine\Goals;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\Transient;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\Weather;
use Tests\Core\Engine\Engines;

it('draws engines that do what they were made for', function (Stroke $stroke, float $phi): void {
    $seed = seed();
    for ($i = 0; $i < 25; $i++) {
        $well = Engines::random($seed + $i, $stroke);
        $full = $well->engine->steady($well->full, Weather::standard());
        $idle = $well->engine->steady($well->idle, Weather::standard());
        $share = static fn ($needle, float $turns): float => $needle->area($turns) / (M_PI * $needle->boreMm ** 2 / 4.0);
        $where = "SEED={$seed} {$i}";

        expect($full->rpm)->toEqualWithDelta($well->topRpm, 1.0, $where)
            ->and($full->flows->phi())->toEqualWithDelta($phi, 1e-4, $where)
            ->and($idle->rpm)->toEqualWithDelta($well->idleRpm, 1.0, $where)
            ->and($idle->flows->phi())->toEqualWithDelta(1.14, 1e-4, $where)
            ->and($share($well->engine->circuits->high, $well->full->highTurns))->toBeBetween(0.499, 0.751)
            ->and($share($well->engine->circuits->low, $well->full->lowTurns))->toBeBetween(0.499, 0.751)
            ->and($well->full->highTurns)->toBeBetween(0.9, 1.75)
            ->and($well->full->lowTurns)->toBeBetween(0.9, 1.75)
            ->and($well->idle->throttleDeg)->toBeBetween(3.0, 12.0);
    }
})->with([[Stroke::Two, 1.25], [Stroke::Four, 1.14]]);

it('takes the throttle snapped open, as one that is well does', function (): void {
    $seed = seed();
    for ($i = 0; $i < 10; $i++) {
        $well = Engines::random($seed + $i, $i % 2 === 0 ? Stroke::Two : Stroke::Four);
        $transient = new Transient($well->engine, Weather::standard(), $well->idleRpm);
        $transient->run($well->idle, 0.5);

        expect($transient->run($well->full, 4.0))->toBeGreaterThan(0.95 * $well->topRpm, "SEED={$seed} {$i}");
    }
});

it('draws the same engine of the same seed, and another of another', function (): void {
    expect(EngineJson::of(Engines::random(7, Stroke::Two)))
        ->toBe(EngineJson::of(Engines::random(7, Stroke::Two)))
        ->not->toBe(EngineJson::of(Engines::random(8, Stroke::Two)))
        ->not->toBe(EngineJson::of(Engines::random(7, Stroke::Four)));
});

it('is the same engine once written and read', function (): void {
    $well = Engines::random(11, Stroke::Four);
    $read = EngineJson::parse((string) json_encode(EngineJson::of($well)));

    expect($read->steady($well->full, Weather::standard())->rpm)
        ->toEqualWithDelta($well->engine->steady($well->full, Weather::standard())->rpm, 1e-6)
        ->and($read->cylinder->inertia())->toEqualWithDelta($well->engine->cylinder->inertia(), 1e-12)
        ->and($read->cylinder->leanWidth)->toBe($well->engine->cylinder->leanWidth)
        ->and($read->cylinder->richWidth)->toBe($well->engine->cylinder->richWidth);
});

it('makes no engine of goals that nothing reaches', function (Goals $goals): void {
    CalibratedEngine::of(Engines::saw(), $goals);
})->with([
    'no throttle idles so fast' => [fn (): Goals => new Goals(12_000.0, 11_990.0, 1.25, 1.2, 1.2, 0.6, 0.6)],
    'no needle opens so far so soon' => [fn (): Goals => new Goals(12_000.0, 2800.0, 1.25, 0.25, 1.2, 0.9, 0.6)],
])->throws(UnusableEngine::class);

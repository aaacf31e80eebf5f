<?php

declare(strict_types=1);

use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Numerics\Chance;
use DustyJet\Practice\PracticeBank;
use DustyJet\Practice\PracticeEngine;
use DustyJet\Practice\PracticeInstrument;
use DustyJet\Quantity\PressureUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

function practice(string $family, int $seed = 7): ?PracticeEngine
{
    return PracticeEngine::of(FamilyFiles::shipped()->of($family), '', $seed);
}

it('runs at the speeds of the card where its screws are best', function (string $family): void {
    $card = FamilyFiles::shipped()->of($family)->card;
    $engine = practice($family);
    expect($engine)->not->toBeNull();
    $idle = $engine->shown($engine->steady($engine->setting($engine->best(), false))->rpm);
    $top = $engine->shown($engine->steady($engine->setting($engine->best(), true))->rpm);
    expect($idle)->toBeGreaterThan(0.97 * $card->idleRpm[0])->toBeLessThan(1.03 * $card->idleRpm[1])
        ->and($top)->toBeGreaterThan(2.0 * $idle);
    // A two-stroke stays under its maximum; where the fuel of H passes it, it flutters there or nearly.
    $card->topRpm[1] > 8000.0 && expect($top)->toBeLessThan($card->topRpm[1]);
})->with([
    'cube_opposed', 'cube_stacked', 'kart_pumper', 'float_adjustable_main', 'float_pilot_jet', 'float_side_pump', 'updraft',
    'suction_lift', 'small_outboard',
]);

it('has none for what has no mixture screw', function (): void {
    expect(practice('pulse_pump'))->toBeNull()->and(practice('float_fixed_jet'))->toBeNull();
});

it('is the same engine for the same seed, and another for another', function (): void {
    $best = static fn (int $seed): array => practice('cube_opposed', $seed)?->best() ?? [];
    expect($best(3))->toBe($best(3))->and($best(3))->not->toBe($best(4));
    foreach (range(1, 30) as $seed) {
        expect(abs($best($seed)['high'] - 1.0))->toBeLessThanOrEqual(0.375);
    }
});

it('slows rich, flutters there, and an air screw works the other way', function (): void {
    $saw = practice('cube_opposed');
    $rich = $saw->setting(['high' => $saw->best()['high'] + 0.5], true);
    expect($saw->steady($rich)->rpm)->toBeLessThan($saw->steady($saw->setting([], true))->rpm)
        ->and(implode(', ', $saw->heard($rich)))->toContain('flutters');
    $best = practice('small_outboard')->best()['idle_mixture'];
    $phi = static fn (float $turns): float => practice('small_outboard')
        ->steady(practice('small_outboard')->setting(['idle_mixture' => $turns], false))->flows->phi();
    // Out is leaner.
    expect($phi($best + 0.25))->toBeLessThan($phi($best - 0.25));
});

it('idles faster with the stop screw in', function (): void {
    $mower = practice('float_pilot_jet');
    $rpm = static fn (float $by): float => $mower->steady(
        $mower->setting(['idle_speed' => $mower->best()['idle_speed'] + $by], false),
    )->rpm;
    expect($rpm(0.25))->toBeGreaterThan($rpm(0.0))->and($rpm(-0.25))->toBeLessThan($rpm(0.0));
});

it('shows a tachometer what it does, in time, and starts again what died', function (): void {
    $instrument = new PracticeInstrument(FamilyFiles::shipped(), new Chance(new Randomizer(new Mt19937(1))));
    expect($instrument->rpm(0.0))->toBe(0.0);
    $told = static fn (array $turns, bool $full = false): array => [
        'family' => 'cube_opposed',
        'variant' => '',
        'seed' => 7,
        'turns' => $turns,
        'full_throttle' => $full,
        'balance' => [],
    ];
    $engine = practice('cube_opposed');
    $steady = $engine->steady($engine->setting([], false))->rpm;
    $instrument->told($told([]));
    foreach (range(1, 60) as $i) {
        $rpm = $instrument->rpm($i / 20.0);
    }
    expect($rpm)->toEqualWithDelta($steady, 150.0);
    $instrument->told($told([], true));
    $snapped = $instrument->rpm(3.1);
    foreach (range(1, 120) as $i) {
        $rpm = $instrument->rpm(3.1 + $i / 20.0);
    }
    expect($rpm)->toBeGreaterThan($snapped)->toEqualWithDelta($engine->steady($engine->setting([], true))->rpm, 400.0);
    // L shut at idle: it dies, and runs again once L is open.
    $instrument->told($told(['low' => 0.0, 'high' => 0.0]));
    foreach (range(1, 400) as $i) {
        $rpm = $instrument->rpm(10.0 + $i / 20.0);
    }
    expect($rpm)->toBe(0.0);
    $instrument->told($told([]));
    expect($instrument->rpm(30.1))->toBeGreaterThan(1000.0);
});

it('shows columns that even out by the screws that are turned', function (): void {
    $spread = static function (array $turns): float {
        $vacuum = PracticeBank::of($turns, 12)->vacuum();

        return max($vacuum) - min($vacuum);
    };
    $before = $spread([0.0, 0.0, 0.0]);
    $turned = array_map(
        static fn (array $turns): float => $spread($turns),
        [[0.1, 0.0, 0.0], [-0.1, 0.0, 0.0], [0.0, 0.0, 0.1], [0.0, 0.0, -0.1]],
    );
    expect(min($turned))->toBeLessThan($before)->and(max($turned))->toBeGreaterThan($before);

    $instrument = new PracticeInstrument(FamilyFiles::shipped(), new Chance(new Randomizer(new Mt19937(1))));
    $instrument->told(['family' => 'outboard_bank', 'variant' => '', 'seed' => 12, 'balance' => [0.0, 0.0, 0.0]]);
    $means = array_map(
        static fn (int $c): float => array_sum(array_map(
            static fn (int $i): float => $instrument->vacuum($i / 20.0, $c), range(1, 200),
        )) / 200.0 / PressureUnit::InchOfMercury->kilopascals(),
        [1, 2, 3],
    );
    expect($instrument->columns())->toBe(3)
        ->and($means)->toEqualWithDelta(PracticeBank::of([0.0, 0.0, 0.0], 12)->vacuum(), 0.1);
});

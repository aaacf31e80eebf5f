<?php

declare(strict_types=1);

use DustyJet\FloatLevel\UnusableFloat;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\FloatLevel\FloatWeighed;
use DustyJet\Worksheet\NotAllowedNow;
use Tests\Core\Worksheet\Bench;

const WEIGHT = ['mass_g' => 4.0, 'arm_float_mm' => 30.0, 'arm_tang_mm' => 8.0, 'seat_mm' => 1.6];
const SIGHT = ['face_x1' => 0.0, 'face_y1' => 500.0, 'face_x2' => 1000.0, 'face_y2' => 500.0, 'float_x1' => 0.0,
    'float_y1' => 200.0, 'float_x2' => 1000.0, 'float_y2' => 100.0, 'length_mm' => 40.0];

function weighed(array $more): ?FloatWeighed
{
    return (new Bench)->add(EntryKind::FloatWeighed, $more + WEIGHT)->sheet()->of(FloatGaps::class)->weighed;
}

it('says of a float that it has drunk when it is a twentieth heavier than a sound one', function (
    array $more,
    bool $drunk,
): void {
    expect(weighed($more)?->hasDrunk())->toBe($drunk);
})->with([
    'no other was weighed' => [[], false],
    'alike' => [['sound_g' => 4.0], false],
    'a twentieth' => [['sound_g' => 3.81], false],
    'a little more' => [['sound_g' => 3.80], true],
    'lighter' => [['sound_g' => 5.0], false],
]);

it('shuts off in fuel by the share that is under it', function (): void {
    // Archimedes: 745 kg/m3 x 12 ml x 0.6 lifts 5.364 g, less 4 g, at 30/8 over a 1.6 mm seat.
    $kilopascals = (745e-6 * 12.0 * 0.6 - 4e-3) * 9.80665 * 30.0 / 8.0 / (M_PI * 0.8e-3 ** 2) / 1000.0;
    expect(weighed(['volume_ml' => 12.0, 'submerged_percent' => 60.0])?->shutsOffKilopascals())
        ->toEqualWithDelta($kilopascals, 1e-9)
        ->and(weighed(['volume_ml' => 12.0])?->shutsOffKilopascals())
        ->toBeGreaterThan($kilopascals)
        ->and(weighed([])?->shutsOffKilopascals())
        ->toBeNull();
});

it('keeps the weight beside the level, and the level beside the weight', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::FloatWeighed, WEIGHT)
        ->add(EntryKind::FloatMeasured, ['front_mm' => 16.0, 'rear_mm' => 14.0, 'length_mm' => 40.0, 'target_mm' => 15.0]);
    $float = $bench->sheet()->of(FloatGaps::class);
    expect($float->weighed?->grams)
        ->toBe(4.0)
        ->and($float->weighedAt)
        ->not->toBeNull()
        ->and($float->latest?->gaps?->heightError())
        ->toBe(1.0)
        ->and($float->latest?->tilt->heightError)
        ->toBe(2.0);
    $bench->add(EntryKind::FloatSighted, SIGHT);
    expect($bench->sheet()->of(FloatGaps::class)->latest?->gaps)
        ->toBeNull()
        ->and($bench->sheet()->of(FloatGaps::class)->latest?->tilt->degrees)
        ->toEqualWithDelta(rad2deg(atan(0.1)), 1e-9)
        ->and($bench->sheet()->of(FloatGaps::class)->weighed)
        ->not->toBeNull();
});

it('refuses a float that cannot be, and passes over it in a file', function (): void {
    $flat = ['float_x2' => 5.0, 'float_y2' => 200.0] + SIGHT;
    expect(fn () => (new Bench)->refuse(EntryKind::FloatWeighed, ['volume_ml' => 0.0] + WEIGHT))
        ->toThrow(UnusableFloat::class)
        ->and(fn () => (new Bench)->refuse(EntryKind::FloatWeighed, ['seat_mm' => 0.0] + WEIGHT))
        ->toThrow(UnusableFloat::class)
        ->and(fn () => (new Bench)->refuse(EntryKind::FloatSighted, $flat))
        ->toThrow(UnusableFloat::class)
        ->and(weighed(['seat_mm' => 0.0]))
        ->toBeNull()
        ->and((new Bench)->add(EntryKind::FloatSighted, $flat)->sheet()->of(FloatGaps::class)->latest)
        ->toBeNull();
});

it('weighs and sights only what floats', function (): void {
    expect(fn () => (new Bench('cube_opposed'))->refuse(EntryKind::FloatWeighed, WEIGHT))
        ->toThrow(NotAllowedNow::class, 'float')
        ->and(fn () => (new Bench('cube_opposed'))->refuse(EntryKind::FloatSighted, SIGHT))
        ->toThrow(NotAllowedNow::class, 'float');
    (new Bench)->refuse(EntryKind::FloatWeighed, WEIGHT);
    (new Bench)->refuse(EntryKind::FloatSighted, SIGHT);
});

<?php

declare(strict_types=1);

use DustyJet\FloatLevel\FloatTilt;
use DustyJet\FloatLevel\FloatValve;
use DustyJet\FloatLevel\SightedLine;
use DustyJet\FloatLevel\UnusableFloat;
use DustyJet\Quantity\GaugePressure;

it('has the tilt of its gaps', function (float $front, float $rear, float $length, float $degrees): void {
    $tilt = FloatTilt::of($front, $rear, $length);

    expect($tilt->degrees)->toEqualWithDelta($degrees, 1e-6)->and($tilt->heightError)->toBe($front - $rear);
})->with([
    'parallel' => [15.0, 15.0, 40.0, 0.0],
    'as high as long' => [50.0, 10.0, 40.0, 45.0],
    'rear high' => [10.0, 50.0, 40.0, -45.0],
    'tan 30 is one over root three' => [10.0, 0.0, 10.0 * sqrt(3.0), 30.0],
]);

it('closes the needle by its weight, carburetor inverted', function (): void {
    // By hand: 4 g x 9.80665 x 30/8 over pi/4 (1.6 mm)^2 is 73.16 kPa, 10.61 psi.
    $valve = new FloatValve(4.0, 30.0, 8.0, 1.6);

    expect(GaugePressure::ofKilopascals($valve->airTestCloses())->in(DustyJet\Quantity\PressureUnit::Psi))
        ->toEqualWithDelta(10.61, 0.005)
        ->and($valve->isFairAt(GaugePressure::ofPsi(5.0)))
        ->toBeTrue()
        ->and($valve->isFairAt(GaugePressure::ofPsi(10.62)))
        ->toBeFalse()
        ->and((new FloatValve(1.8, 30.0, 8.0, 1.6))->isFairAt(GaugePressure::ofPsi(5.0)))
        ->toBeFalse();
});

it('shuts off by what it floats with, and not at all where it sinks', function (): void {
    $valve = new FloatValve(4.0, 30.0, 8.0, 1.6);
    // Archimedes: 745 kg/m3 x 12 ml x 0.6 lifts 5.364 g, less 4 g.
    $newtons = (745e-6 * 12.0 * 0.6 - 4e-3) * 9.80665;
    $kilopascals = $newtons * 30.0 / 8.0 / (M_PI * 0.8e-3 ** 2) / 1000.0;

    expect($valve->shutsOff(12.0, 0.6))
        ->toEqualWithDelta($kilopascals, 1e-9)
        ->and($valve->shutsOff(7.0, 0.6))
        ->toBe(0.0)
        // Half a metre of petrol: 3.653 kPa.
        ->and(FloatValve::marginOverHead(3.653))
        ->toEqualWithDelta(1.0, 1e-3);
});

it('refuses a float that cannot be, by the number that is wrong', function (Closure $made, string $named): void {
    expect($made)->toThrow(UnusableFloat::class, $named);
})->with([
    [fn () => FloatTilt::of(-1.0, 0.0, 40.0), 'The front gap of the float cannot be -1'],
    [fn () => FloatTilt::of(1.0, 301.0, 40.0), 'The rear gap of the float cannot be 301'],
    [fn () => FloatTilt::of(1.0, 1.0, 0.0), 'The length of the float cannot be 0'],
    [fn () => new FloatValve(0.0, 30.0, 8.0, 1.6), 'The mass of the float cannot be 0'],
    [fn () => new FloatValve(4.0, 301.0, 8.0, 1.6), 'The arm of the float cannot be 301'],
    [fn () => new FloatValve(4.0, 30.0, NAN, 1.6), 'The arm of the tang'],
    [fn () => new FloatValve(4.0, 30.0, 8.0, 21.0), 'The seat of the float cannot be 21'],
    [fn () => (new FloatValve(4.0, 30.0, 8.0, 1.6))->shutsOff(0.0, 0.5), 'The volume of the float cannot be 0'],
    [fn () => (new FloatValve(4.0, 30.0, 8.0, 1.6))->shutsOff(12.0, 1.2), 'The submerged share of the float cannot be 1.2'],
]);

it('takes a float of a litre and no more', function (): void {
    $float = new FloatValve(4.0, 30.0, 8.0, 1.6);
    expect($float->shutsOff(1000.0, 1.0))->toBeGreaterThan(0.0)
        ->and(fn () => $float->shutsOff(1000.1, 1.0))->toThrow(UnusableFloat::class);
});

it('takes the tilt from two lines on a photo, whichever way it faces', function (
    array $face,
    array $float,
    float $degrees,
): void {
    $tilt = FloatTilt::sighted(new SightedLine(...$face), new SightedLine(...$float), 40.0);
    expect($tilt->degrees)
        ->toEqualWithDelta($degrees, 1e-6)
        ->and($tilt->heightError)
        ->toEqualWithDelta(40.0 * tan(deg2rad($degrees)), 1e-6);
})->with([
    'parallel' => [[0, 500, 1000, 500], [0, 200, 1000, 200], 0.0],
    'the front higher, hinge left' => [[0, 500, 1000, 500], [0, 200, 1000, 100], rad2deg(atan(0.1))],
    'the front lower, hinge left' => [[0, 500, 1000, 500], [0, 200, 1000, 300], -rad2deg(atan(0.1))],
    'the front higher, hinge right' => [[1000, 500, 0, 500], [1000, 200, 0, 100], rad2deg(atan(0.1))],
    'the camera held askew' => [[0, 500, 1000, 400], [0, 200, 1000, 0], rad2deg(atan(0.2) - atan(0.1))],
]);

it('refuses lines that are none', function (array $face, array $float, string $why): void {
    expect(static fn () => FloatTilt::sighted(new SightedLine(...$face), new SightedLine(...$float), 40.0))
        ->toThrow(UnusableFloat::class, $why);
})->with([
    'a point' => [[0, 0, 19, 0], [0, 50, 100, 50], 'too short'],
    'a point the other way' => [[0, 0, 100, 0], [0, 50, 10, 59], 'too short'],
    'across' => [[0, 0, 100, 0], [0, 0, 0, 100], '90 degrees apart'],
    'back to front' => [[0, 0, 100, 0], [100, 50, 0, 50], '180 degrees apart'],
]);

it('moves the tang less than the float, by the two arms', function (): void {
    expect((new FloatValve(4.0, 30.0, 8.0, 1.6))->tangCorrection(2.0))->toEqualWithDelta(2.0 * 8.0 / 30.0, 1e-12);
});

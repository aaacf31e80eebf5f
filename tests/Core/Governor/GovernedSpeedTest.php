<?php

declare(strict_types=1);

use DustyJet\Governor\GovernedSpeed;
use DustyJet\Governor\Steadiness;
use DustyJet\Governor\UnusableSpeed;

const WANTED = [3400.0, 3800.0];

it('gives the frequency of a generator (any machines text: two poles at 3,600 rpm are 60 Hz)', function (
    float $rpm,
    int $poles,
    float $hertz,
): void {
    expect(GovernedSpeed::of(WANTED, $rpm, null, $poles)->noLoadHz())->toEqualWithDelta($hertz, 1e-9);
})->with([[3600.0, 2, 60.0], [3000.0, 2, 50.0], [3750.0, 2, 62.5], [1800.0, 4, 60.0], [1000.0, 6, 50.0]]);

it('gives the droop as a share of the loaded speed', function (): void {
    // 3,750 without load and 3,600 under it: 150 / 3,600.
    $speed = GovernedSpeed::of(WANTED, 3750.0, 3600.0, 2);
    expect($speed->droop())->toEqualWithDelta(150.0 / 3600.0, 1e-12)
        ->and($speed->fullLoadHz())->toEqualWithDelta(60.0, 1e-9)
        ->and($speed->isAsWanted())->toBeTrue()
        ->and(GovernedSpeed::of(WANTED, 3600.0)->droop())->toBeNull()
        ->and(GovernedSpeed::of(WANTED, 3600.0)->noLoadHz())->toBeNull()
        ->and(GovernedSpeed::of(WANTED, 3600.0, 3500.0)->fullLoadHz())->toBeNull();
});

it('says what to do about it', function (GovernedSpeed $speed, string $says): void {
    expect($speed->advice())->toContain($says)->and($speed->isAsWanted())->toBe($says === 'As wanted');
})->with([
    'as wanted' => [fn () => GovernedSpeed::of(WANTED, 3600.0), 'As wanted'],
    'at its edges' => [fn () => GovernedSpeed::of(WANTED, 3800.0), 'As wanted'],
    'a little fast' => [fn () => GovernedSpeed::of(WANTED, 3801.0), 'slacken the governor spring'],
    'a little slow' => [fn () => GovernedSpeed::of(WANTED, 3399.0), 'tension the governor spring'],
    'far over' => [fn () => GovernedSpeed::of(WANTED, 4105.0), 'Shut it down'],
    'over, whatever else' => [fn () => GovernedSpeed::of(WANTED, 4200.0, null, null, Steadiness::Hunts), 'Shut it down'],
    'the governor hunts' => [fn () => GovernedSpeed::of(WANTED, 3600.0, null, null, Steadiness::Hunts), 'the governor. Free'],
    'a lean surge' => [fn () => GovernedSpeed::of(WANTED, 3600.0, null, null, Steadiness::SurgesHeld), 'fuel, not governor'],
    'sags' => [fn () => GovernedSpeed::of(WANTED, 3700.0, 3400.0), 'sags under load'],
    'sags no more than it may' => [fn () => GovernedSpeed::of(WANTED, 3700.0, 3460.0), 'As wanted'],
    'the wrong frequency' => [fn () => GovernedSpeed::of(WANTED, 3500.0, 3400.0, 2), 'check the poles'],
]);

it('is over-speed above the band by a twelfth or so, not at it', function (): void {
    expect(GovernedSpeed::of(WANTED, 4104.0)->isOverSpeed())->toBeFalse()
        ->and(GovernedSpeed::of(WANTED, 4105.0)->isOverSpeed())->toBeTrue();
});

it('refuses what cannot be', function (float $rpm, ?float $loaded, ?int $poles, string $says): void {
    expect(fn () => GovernedSpeed::of(WANTED, $rpm, $loaded, $poles))->toThrow(UnusableSpeed::class, $says);
})->with([
    [0.0, null, null, 'without load must be above 0'],
    [3600.0, 3700.0, null, 'no more than without load'],
    [3600.0, 0.0, null, 'under load must be above 0'],
    [3600.0, null, 3, 'poles must be 2, 4 or 6'],
]);

it('says each way of running in words', function (Steadiness $steadiness): void {
    expect($steadiness->title())->not->toContain('_');
})->with(Steadiness::cases());

<?php

declare(strict_types=1);

use DustyJet\Engine\Sign;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\OrderOfMarks;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

function heardAt(float $turns, Mark ...$marks): MixtureReading
{
    return new MixtureReading(Turns::nearestTo($turns), RotationalSpeed::ofRpm(1500.0), array_values($marks));
}

it('is likely where the virtual engine gives it', function (Mark $mark, float $phi, float $beyond): void {
    expect($mark->chance($phi, true))->toBeGreaterThan(0.9)
        ->and($mark->chance($beyond, true))->toBeLessThan(0.1);
})->with([
    [Mark::Flutter, 1.35, 1.15],
    [Mark::Clean, 1.15, 1.35],
    [Mark::RoughLean, 0.7, 1.0],
    [Mark::RoughRich, 1.65, 1.35],
    [Mark::Smoke, 1.65, 1.35],
    [Mark::Pops, 0.6, 0.9],
    [Mark::Hesitates, 0.8, 1.1],
    [Mark::DiesOnItsSide, 1.55, 1.25],
    [Mark::Dies, 0.6, 1.1],
    [Mark::Dies, 1.9, 1.1],
]);

it('stands on the edges of the virtual engine', function (): void {
    expect(Mark::Flutter->chance(Sign::FLUTTER, true))->toEqualWithDelta(0.5, 1e-9)
        ->and(Mark::RoughLean->chance(Sign::ROUGH_LEAN, false))->toEqualWithDelta(0.5, 1e-9)
        ->and(Mark::RoughRich->chance(Sign::ROUGH_RICH, false))->toEqualWithDelta(0.5, 1e-9)
        ->and(Mark::Pops->chance(Sign::POPS, false))->toEqualWithDelta(0.5, 1e-9)
        // Clean at idle lies between both rough edges, on a saw below the flutter.
        ->and(Mark::Clean->chance(1.35, false))->toBeGreaterThan(0.9)
        ->and(Mark::Clean->chance(0.7, false))->toBeLessThan(0.1)
        ->and(Mark::Clean->chance(1.7, false))->toBeLessThan(0.1);
});

it('knows what cannot be heard at once', function (): void {
    $apart = [[Mark::Clean, Mark::Flutter], [Mark::RoughLean, Mark::RoughRich], [Mark::Pops, Mark::Smoke]];
    foreach ($apart as [$a, $b]) {
        expect($a->contradicts($b))->toBeTrue()->and($b->contradicts($a))->toBeTrue();
    }
    foreach ([[Mark::Flutter, Mark::Smoke], [Mark::RoughLean, Mark::Pops], [Mark::Clean, Mark::Clean]] as [$a, $b]) {
        expect($a->contradicts($b))->toBeFalse();
    }
});

it('refuses marks that contradict, and an order that runs backward by more than three quarters', function (): void {
    $screw = new MixtureScrew;
    expect(fn () => OrderOfMarks::check([heardAt(1.0, Mark::Clean, Mark::Flutter)], $screw))
        ->toThrow(UnusableRun::class, 'at 1 the engine is said to be "clean" and "flutter" at once')
        ->and(fn () => OrderOfMarks::check([heardAt(1.0, Mark::RoughRich), heardAt(1.875, Mark::RoughLean)], $screw))
        ->toThrow(UnusableRun::class, 'more than 3/4 turn richer')
        ->and(fn () => OrderOfMarks::check([heardAt(1.0, Mark::Flutter), heardAt(2.0, Mark::Clean)], $screw))
        ->toThrow(UnusableRun::class);
    // At three quarters it is still an ear, and an air screw works the other way.
    OrderOfMarks::check([heardAt(1.0, Mark::RoughRich), heardAt(1.75, Mark::RoughLean)], $screw);
    OrderOfMarks::check([heardAt(1.0, Mark::RoughRich), heardAt(2.5, Mark::RoughLean)], new MixtureScrew(false));
    OrderOfMarks::check([heardAt(1.0, Mark::Dies), heardAt(3.0, Mark::RoughLean)], $screw);
    $ofAir = [heardAt(2.0, Mark::RoughRich), heardAt(1.0, Mark::Clean)];
    expect(fn () => OrderOfMarks::check($ofAir, new MixtureScrew(false)))
        ->toThrow(UnusableRun::class);
});

it('says every mark in words', function (Mark $mark): void {
    expect($mark->title())->not->toContain('_');
})->with(Mark::cases());

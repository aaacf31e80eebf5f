<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Costs;
use DustyJet\Diagnosis\RebuildOrReplace;
use Tests\Core\Diagnosis\Knowledge;

/** 60 an hour is one a minute: the arithmetic can be done in the head. */
function plainCosts(): Costs
{
    return new Costs(
        verifyMinutes: 4,
        shopRateCentsPerHour: 6000,
        kitCents: 1000,
        carburetorCents: 6000,
        rebuildMinutes: 60,
        replaceMinutes: 20,
        comeBackCents: 5000,
        replacementFails: 0.1,
        rebuildFails: 0.2,
    );
}

it('adds parts, minutes and the chance of a come-back', function (): void {
    // A body that is known to be good: no play in the shaft.
    $diagnosis = Knowledge::diagnose('float_fixed_jet', [
        'floods' => 'yes',
        'shaft_play' => 'no',
        'erratic_idle' => 'no',
    ]);
    $estimate = RebuildOrReplace::of($diagnosis, plainCosts());

    // Rebuild 10 + 60 + 0.2 * 50 = 80; replace 60 + 20 + 0.1 * 50 = 85; the same at a price of 80 - 25 = 55.
    expect($estimate->bodyIsScrap)
        ->toBeLessThan(0.002)
        ->and($estimate->rebuildCents)
        ->toEqualWithDelta(8000, 15)
        ->and($estimate->replaceCents)
        ->toBe(8500)
        ->and($estimate->breakEvenCents)
        ->toEqualWithDelta(5500, 15)
        ->and($estimate->favorsReplacing())
        ->toBeFalse()
        ->and(RebuildOrReplace::of($diagnosis, plainCosts(), 5000)->favorsReplacing())
        ->toBeTrue();
});

it('turns to replacing when the body is worn', function (): void {
    $diagnosis = Knowledge::diagnose('float_fixed_jet', [
        'erratic_idle' => 'yes',
        'shaft_play' => 'yes',
        'slow_return_to_idle' => 'yes',
    ]);
    $estimate = RebuildOrReplace::of($diagnosis, plainCosts());

    expect($estimate->bodyIsScrap)
        ->toBeGreaterThan(0.5)
        ->and($estimate->favorsReplacing())
        ->toBeTrue()
        // A rebuild of a scrap body is paid twice.
        ->and($estimate->rebuildCents)
        ->toEqualWithDelta(8000 + $estimate->bodyIsScrap * 8500, 1.0);
});

it('costs the same at the break-even', function (): void {
    $diagnosis = Knowledge::diagnose('cube_opposed', ['erratic_idle' => 'yes']);
    $price = RebuildOrReplace::of($diagnosis, plainCosts())->breakEvenCents;
    $there = RebuildOrReplace::of($diagnosis, plainCosts(), $price);

    expect($there->rebuildCents)->toEqualWithDelta($there->replaceCents, 2);
});

it('says how likely it is the carburetor at all', function (): void {
    $spark = RebuildOrReplace::of(
        Knowledge::diagnose('float_fixed_jet', ['will_not_start' => 'yes', 'spark_poor' => 'strong']),
        plainCosts(),
    );
    $flood = RebuildOrReplace::of(
        Knowledge::diagnose('float_fixed_jet', ['floods' => 'yes', 'needle_leaks' => 'yes']),
        plainCosts(),
    );

    expect($spark->inCarburetor)->toBeLessThan(0.5)->and($flood->inCarburetor)->toBeGreaterThan(0.9);
});

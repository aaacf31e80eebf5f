<?php

declare(strict_types=1);

use DustyJet\Air\IsentropicFlow;
use DustyJet\HoldTest\AirFlow;
use DustyJet\HoldTest\GravityHead;
use DustyJet\HoldTest\LeakLaw;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Rig;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;
use DustyJet\Quantity\QuantityOutOfRange;
use DustyJet\Quantity\Volume;

it('finds the hole of 1.000 ml/min at 5 psi: 10.59 micrometres', function (): void {
    expect(
        round(AirFlow::equivalentHole(Flow::ofMillilitresPerMinute(1.0), GaugePressure::ofPsi(5))->inMicrometres(), 2),
    )->toBe(10.59);
});

it('is choked from 14.11 inHg of vacuum on', function (): void {
    $choked = (1 - IsentropicFlow::criticalRatio()) * 101.325;

    expect(round($choked / 3.386389, 2))
        ->toEqualWithDelta(14.11, 0.011)
        ->and(LeakShape::Orifice->rate(50.8, true, 101.325))
        ->toBe(LeakShape::Orifice->rate(60.0, true, 101.325));
});

it('holds half a metre of petrol back with 3.653 kPa', function (): void {
    expect(round(GravityHead::of(Length::ofMetres(0.5))->inKilopascals(), 3))
        ->toBe(3.653)
        ->and(round(GravityHead::typical()->inPsi(), 3))
        ->toBe(0.53);
});

it('measures a rig: 10 ml opened at 10 psi, 6.5 psi left, is 18.57 ml', function (): void {
    $rig = Rig::measuredBy(Volume::ofMillilitres(10), GaugePressure::ofPsi(10), GaugePressure::ofPsi(6.5));

    expect(round($rig->volume->inMillilitres(), 2))
        ->toBe(18.57)
        ->and(fn () => Rig::measuredBy(Volume::ofMillilitres(10), GaugePressure::ofPsi(5), GaugePressure::ofPsi(6)))
        ->toThrow(QuantityOutOfRange::class);
});

it('carries the gauge into the volume it measures', function (): void {
    $rig = Rig::measuredBy(
        Volume::ofMillilitres(10),
        GaugePressure::ofPsi(10),
        GaugePressure::ofPsi(6.5),
        GaugePressure::ofPsi(0.1),
    );

    // By hand: u 0.1/sqrt(12) = 0.0289 psi; d lnV/dp2 = 10/(6.5 * 3.5) = 0.4396, d lnV/dp1 = 1/3.5 = 0.2857 per psi:
    // 1.514 %.
    expect(100.0 * $rig->relativeUncertainty)->toEqualWithDelta(1.514, 0.001);
});

it('solves each leak law as a small-step integration does', function (LeakShape $shape, bool $isVacuum): void {
    $start = $isVacuum ? 50.0 : 34.0;
    $law = LeakLaw::of($shape, $isVacuum, 60.0, 101.325);
    $p = $start;
    $h = 0.0005;
    for ($i = 1; $i <= 3000; $i++) {
        $middle = $p - 0.5 * $h * $shape->rate($p, $isVacuum, 101.325);
        $p -= $h * $shape->rate($middle, $isVacuum, 101.325);
    }

    expect($law->after($start, [3000 * $h])[0])
        ->toEqualWithDelta($p, 2e-3)
        ->and($law->rates($p, [0.0], [$p])[0])
        ->toEqualWithDelta($shape->rate($p, $isVacuum, 101.325), 0.02);
})->with([[LeakShape::Linear, false], [LeakShape::ViscousCrack, false], [LeakShape::ViscousCrack, true]]);

it('empties through an orifice as a small-step integration does', function (bool $isVacuum, float $elapsed): void {
    $p = $isVacuum ? 50.0 : 34.0;
    $law = LeakLaw::of(LeakShape::Orifice, $isVacuum, 60.0, 101.325);
    $drawn = LeakLaw::of(LeakShape::Orifice, $isVacuum, 60.0, 101.325, LeakLaw::DRAWN_NODES);
    $got = $law->after($p, [$elapsed])[0];
    $isDrawn = $drawn->after($p, [$elapsed])[0];
    $steps = 20000;
    for ($i = 0; $i < $steps; $i++) {
        $middle = max(0.0, $p - ((0.5 * $elapsed) / $steps) * LeakShape::Orifice->rate($p, $isVacuum, 101.325));
        $p = max(0.0, $p - ($elapsed / $steps) * LeakShape::Orifice->rate($middle, $isVacuum, 101.325));
    }

    expect($got)->toEqualWithDelta($p, 3e-3)
        ->and($isDrawn)->toEqualWithDelta($got, 1e-3);
})->with([[false, 0.1], [false, 0.4], [false, 5.0], [true, 0.1], [true, 0.5], [true, 5.0]]);

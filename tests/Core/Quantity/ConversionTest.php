<?php

declare(strict_types=1);

use DustyJet\Quantity\AbsolutePressure;
use DustyJet\Quantity\Duration;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\QuantityOutOfRange;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Volume;

it('converts as NIST SP 811 appendix B does', function (float $got, float $published): void {
    expect(abs($got / $published - 1.0))->toBeLessThan(2e-7);
})->with([
    '1 psi in kPa' => fn () => [GaugePressure::ofPsi(1)->inKilopascals(), 6.894757],
    '5 psi in kPa' => fn () => [GaugePressure::ofPsi(5)->inKilopascals(), 34.47379],
    '1 inHg in kPa' => fn () => [GaugePressure::of(1, PressureUnit::InchOfMercury)->inKilopascals(), 3.386389],
    '15 inHg in kPa' => fn () => [GaugePressure::of(15, PressureUnit::InchOfMercury)->inKilopascals(), 50.79583],
    '15 inHg in psi' => fn () => [GaugePressure::of(15, PressureUnit::InchOfMercury)->inPsi(), 7.367312],
    '1.6 mm in inches' => fn () => [Length::ofMillimetres(1.6)->inInches(), 0.06299213],
    '1 US gal in ml' => fn () => [Volume::ofUsGallons(1)->inMillilitres(), 3785.412],
    '1 US fl oz in ml' => fn () => [Volume::ofUsFluidOunces(1)->inMillilitres(), 29.57353],
]);

it('agrees with GNU units, an independent converter', function (float $got, string $from, string $to): void {
    exec('units --terse --digits 12 '.escapeshellarg($from).' '.escapeshellarg($to), $out, $status);

    expect($status)->toBe(0, 'the Debian package units must be installed')
        ->and(abs($got / (float) $out[0] - 1.0))->toBeLessThan(1e-6);
})->with([
    fn () => [GaugePressure::ofPsi(7.3)->inKilopascals(), '7.3 psi', 'kPa'],
    fn () => [GaugePressure::of(11, PressureUnit::InchOfMercury)->inPsi(), '11 inHg', 'psi'],
    fn () => [GaugePressure::of(2, PressureUnit::Bar)->inPsi(), '2 bar', 'psi'],
    fn () => [GaugePressure::of(30, PressureUnit::InchOfWater)->inKilopascals(), '30 inH2O', 'kPa'],
    fn () => [Length::ofThou(63)->inMillimetres(), '63 mil', 'mm'],
    fn () => [Volume::ofUsFluidOunces(2.56)->inMillilitres(), '2.56 floz', 'ml'],
]);

it('balances mass: 18 ml falling 0.1 psi in 60 s is 0.12248 ml/min', function (): void {
    $flow = Flow::fromPressureChange(Volume::ofMillilitres(18), GaugePressure::ofPsi(0.1)->inPascals() / 60);

    // Worked value of the hold test's mass balance at P_ref 101.325 kPa, five figures.
    expect(round($flow->inMillilitresPerMinute(), 5))->toBe(0.12248);
});

it('gives a flow back as the pressure change it came from', function (): void {
    $volume = Volume::ofMillilitres(60);

    expect(Flow::fromPressureChange($volume, 123.0)->asPressureChangeOf($volume))->toEqualWithDelta(123.0, 1e-9);
});

it('refuses what cannot be', function (): void {
    $impossible = [
        'a pressure below a perfect vacuum' => fn () => GaugePressure::ofPsi(-20),
        'a pressure that is no number' => fn () => GaugePressure::ofPsi(NAN),
        'a negative absolute pressure' => fn () => AbsolutePressure::ofPascals(-1),
        'no volume' => fn () => Volume::ofMillilitres(0),
        'an infinite length' => fn () => Length::ofMetres(INF),
        'a negative time' => fn () => Duration::ofSeconds(-1),
        'an engine at 30,000 rpm' => fn () => RotationalSpeed::ofRpm(30000),
        'a flow that is no number' => fn () => Flow::ofMillilitresPerMinute(NAN),
    ];
    foreach ($impossible as $make) {
        expect($make)->toThrow(QuantityOutOfRange::class);
    }
});

it('says a vacuum as a magnitude and keeps it below the atmosphere', function (): void {
    $vacuum = GaugePressure::ofVacuum(15, PressureUnit::InchOfMercury);

    expect($vacuum->isVacuum())->toBeTrue()
        ->and($vacuum->above(AbsolutePressure::standardAtmosphere())->inKilopascals())->toEqualWithDelta(50.529, 0.001);
});

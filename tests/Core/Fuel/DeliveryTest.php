<?php

declare(strict_types=1);

use DustyJet\Fuel\Delivery;
use DustyJet\Fuel\DeliveryVerdict;
use DustyJet\Fuel\FuelDemand;
use DustyJet\Fuel\SeatFlow;
use DustyJet\Fuel\UnusableFlow;

it('says what an engine drinks: 7.46 kW at 0.40 kg/kWh is 66.8 ml a minute', function (): void {
    expect(FuelDemand::of(7.46, 4)->millilitresPerMinute)
        ->toEqualWithDelta(66.8, 0.05)
        // By hand: 1 kW x 0.55 kg/kWh / 0.745 kg/l / 60 min.
        ->and(FuelDemand::of(1.0, 2)->millilitresPerMinute)
        ->toEqualWithDelta(0.55 / 0.745 / 60.0 * 1000.0, 1e-9);
});

it('says what a seat passes: 1.6 mm under half a metre is 226.7 ml a minute', function (): void {
    expect(SeatFlow::ofDiameter(1.6)->millilitresPerMinute)
        ->toEqualWithDelta(226.7, 0.05)
        // Torricelli: the flow goes with the area.
        ->and(SeatFlow::ofDiameter(3.2)->millilitresPerMinute)
        ->toEqualWithDelta(4.0 * SeatFlow::ofDiameter(1.6)->millilitresPerMinute, 1e-9);
});

it('judges what a line delivers against what the engine drinks', function (
    float $millilitres,
    float $margin,
    DeliveryVerdict $verdict,
): void {
    $demand = FuelDemand::of(7.46, 4);
    $delivery = Delivery::of($millilitres, 30.0);
    expect($delivery->millilitresPerMinute)
        ->toBe(2.0 * $millilitres)
        ->and($delivery->marginOver($demand))
        ->toEqualWithDelta($margin, 0.01)
        ->and($delivery->against($demand))
        ->toBe($verdict);
})->with([
    'nothing' => [0.0, 0.0, DeliveryVerdict::Starves],
    'a little short' => [33.0, 0.99, DeliveryVerdict::Starves],
    'just so' => [33.5, 1.00, DeliveryVerdict::Scant],
    'half as much again, nearly' => [50.0, 1.50, DeliveryVerdict::Scant],
    'enough' => [50.2, 1.50, DeliveryVerdict::Enough],
]);

it('refuses numbers that cannot be, and names them', function (callable $make, string $names): void {
    expect($make)->toThrow(UnusableFlow::class, $names);
})->with([
    'no power' => [fn () => FuelDemand::of(0.0, 4), 'power'],
    'a lorry' => [fn () => FuelDemand::of(201.0, 4), 'power'],
    'three strokes' => [fn () => FuelDemand::of(1.0, 3), 'strokes'],
    'no seat' => [fn () => SeatFlow::ofDiameter(0.0), 'seat'],
    'a pipe' => [fn () => SeatFlow::ofDiameter(20.1), 'seat'],
    'less than nothing' => [fn () => Delivery::of(-1.0, 30.0), 'volume'],
    'a tanker' => [fn () => Delivery::of(20_001.0, 30.0), 'volume'],
    'no time' => [fn () => Delivery::of(10.0, 0.5), 'time'],
    'a day' => [fn () => Delivery::of(10.0, 3601.0), 'time'],
]);

it('takes the ends of what can be', function (): void {
    expect(Delivery::of(0.0, 1.0)->millilitresPerMinute)
        ->toBe(0.0)
        ->and(Delivery::of(20_000.0, 3600.0)->millilitresPerMinute)
        ->toEqualWithDelta(20_000.0 / 60.0, 1e-9)
        ->and(FuelDemand::of(200.0, 4)->millilitresPerMinute)
        ->toBeGreaterThan(1000.0)
        ->and(SeatFlow::ofDiameter(20.0)->millilitresPerMinute)
        ->toBeGreaterThan(10_000.0);
});

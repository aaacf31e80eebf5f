<?php

declare(strict_types=1);

use DustyJet\Metering\MeteringSpring;
use DustyJet\Metering\SpringCut;
use DustyJet\Metering\SpringEnds;
use DustyJet\Metering\SpringMaterial;
use DustyJet\Metering\SpringRefusal;
use DustyJet\Metering\UnusableSpring;
use DustyJet\Quantity\GaugePressure;
use Random\Engine\Mt19937;
use Random\Randomizer;

// Shigley, Mechanical Engineering Design: k = G d^4 / (8 D^3 N), G of music wire under 0.8 mm 82.7 GPa.
it('has the rate of the handbook', function (float $coils, float $rate): void {
    expect((new MeteringSpring(0.45, 3.2, $coils, 14.0, 9.0))->rateNewtonsPerMetre())->toEqualWithDelta($rate, 0.01);
})->with([[8.0, 1617.06], [5.0, 2587.29]]);

it('takes the shear modulus of its wire', function (SpringMaterial $of, float $wire, float $gigapascals): void {
    expect($of->shearModulusPascals($wire))->toBe($gigapascals * 1e9);
})->with([
    [SpringMaterial::MusicWire, 0.79, 82.7],
    [SpringMaterial::MusicWire, 0.8, 81.7],
    [SpringMaterial::MusicWire, 2.0, 81.0],
    [SpringMaterial::MusicWire, 3.5, 80.0],
    [SpringMaterial::Stainless302, 0.45, 69.0],
]);

/** The force of the spring that is left, wound anew: its own coils, length and rate. */
function forceLeft(float $wire, float $coil, float $active, float $free, float $installed, bool $squared, float $cut): float
{
    $pitch = ($free - ($squared ? 3.0 : 1.0) * $wire) / $active;
    $dead = $squared ? min(1.0, $cut) : 0.0;
    $lost = $cut - $dead;
    $left = $free - $dead * $wire - $lost * $pitch;
    $rate = 82.7e9 * ($wire / 1000) ** 4 / (8 * ($coil / 1000) ** 3 * ($active - $lost));

    return max(0.0, $rate * ($left - $installed) / 1000);
}

it('opens at the pressure that the force of what is left gives', function (bool $squared): void {
    $seed = (int) (getenv('SEED') ?: 20261129);
    $chance = new Randomizer(new Mt19937($seed));
    $u = static fn (float $a, float $b): float => $a + ($b - $a) * $chance->getInt(0, 1_000_000) / 1_000_000;
    $cuts = 0;
    for ($round = 0; $round < 200; $round++) {
        [$wire, $coil, $active] = [$u(0.3, 0.7), $u(2.5, 5.0), $u(4.0, 12.0)];
        $solid = $wire * ($active + ($squared ? 3.0 : 1.0));
        $installed = $solid * $u(1.05, 1.6);
        $free = $installed * $u(1.1, 2.0);
        $pop = $u(60.0, 110.0);
        $target = $pop * $u(0.4, 1.0);
        $spring = new MeteringSpring(
            $wire, $coil, $active, $free, $installed, $squared ? SpringEnds::Squared : SpringEnds::Plain,
        );
        $cut = SpringCut::toward($spring, GaugePressure::ofKilopascals($pop), GaugePressure::ofKilopascals($target));
        $force = static fn (float $coils): float => forceLeft($wire, $coil, $active, $free, $installed, $squared, $coils);
        $after = static fn (float $coils): float => $coils < $active ? $pop * $force($coils) / $force(0.0) : 0.0;
        $cuts += $cut->coils > 0.0 ? 1 : 0;

        expect($cut->refused)
            ->toBeNull("SEED={$seed} round {$round}")
            ->and($cut->pop->inKilopascals())
            ->toEqualWithDelta($after($cut->coils), 1e-9 * $pop, "SEED={$seed} round {$round}")
            ->and($cut->low->inKilopascals())
            ->toEqualWithDelta($after($cut->coils + 0.5), 1e-9 * $pop, "SEED={$seed} round {$round}")
            ->and($cut->high->inKilopascals())
            ->toEqualWithDelta($after(max(0.0, $cut->coils - 0.5)), 1e-9 * $pop, "SEED={$seed} round {$round}");
        // No other number of half coils comes nearer.
        for ($coils = 0.0; $coils < $active; $coils += 0.5) {
            expect(abs($after($coils) - $target))->toBeGreaterThanOrEqual(
                abs($after($cut->coils) - $target) - 1e-9,
                "SEED={$seed} round {$round}, {$coils} coils",
            );
        }
    }
    expect($cuts)->toBeGreaterThan(100, "SEED={$seed}");
})->with([true, false]);

it('cuts the closed coil of squared ends for a wire of length, and no rate', function (): void {
    $spring = new MeteringSpring(0.45, 3.2, 8.0, 14.0, 9.0);

    expect($spring->preloadAfter(1.0))
        ->toEqualWithDelta(5.0 - 0.45, 1e-12)
        ->and($spring->forceAfter(1.0))
        ->toEqualWithDelta(4.55 / 5.0, 1e-12)
        ->and((new MeteringSpring(0.45, 3.2, 8.0, 14.0, 9.0, SpringEnds::Plain))->preloadAfter(1.0))
        ->toEqualWithDelta(5.0 - (14.0 - 0.45) / 8.0, 1e-12);
});

it('refuses where a cut makes no sense, and says why', function (
    float $installed,
    float $target,
    SpringEnds $ends,
    SpringRefusal $why,
): void {
    $spring = new MeteringSpring(0.45, 3.2, 8.0, 14.0, $installed, $ends);
    $cut = SpringCut::toward($spring, GaugePressure::ofPsi(13.0), GaugePressure::ofPsi($target));

    expect($cut->refused)->toBe($why)->and([$cut->coils, $cut->pop, $cut->low, $cut->high])->toBe([null, null, null, null]);
    expect($why->sentence())->toEndWith('.');
})->with([
    'solid at 4.95 mm, squared' => [4.95, 10.0, SpringEnds::Squared, SpringRefusal::Solid],
    'solid at 4.05 mm, plain' => [4.05, 10.0, SpringEnds::Plain, SpringRefusal::Solid],
    'no preload' => [14.0, 10.0, SpringEnds::Squared, SpringRefusal::NoPreload],
    'target above' => [9.0, 13.1, SpringEnds::Squared, SpringRefusal::TargetAbove],
]);

it('leaves a spring alone that is at its target', function (): void {
    $spring = new MeteringSpring(0.45, 3.2, 8.0, 14.0, 4.96);
    $cut = SpringCut::toward($spring, GaugePressure::ofPsi(10.0), GaugePressure::ofPsi(10.0));

    expect($cut->coils)->toBe(0.0)->and($cut->high->inKilopascals())->toBe($cut->pop->inKilopascals());
});

it('refuses a spring that cannot be wound, by the number that is wrong', function (array $numbers, string $named): void {
    expect(fn () => new MeteringSpring(...$numbers))->toThrow(UnusableSpring::class, $named);
})->with([
    [[0.0, 3.2, 8.0, 14.0, 9.0], 'The wire of the spring cannot be 0 mm'],
    [[0.45, -1.0, 8.0, 14.0, 9.0], 'The coil of the spring cannot be -1 mm'],
    [[0.45, 3.2, 0.5, 14.0, 9.0], 'The number of active coils of the spring cannot be 0.5'],
    [[0.45, 3.2, 8.0, 500.0, 9.0], 'The free length of the spring cannot be 500 mm'],
    [[0.45, 3.2, 8.0, 14.0, NAN], 'The installed length of the spring cannot be nan'],
    [[0.45, 0.9, 8.0, 14.0, 9.0], 'over twice the wire'],
    [[0.45, 3.2, 8.0, 4.9, 4.0], 'The free length of the spring cannot be 4.9 mm'],
]);

it('winds a spring of one coil, and one as short as its own wire', function (): void {
    expect((new MeteringSpring(0.5, 4.0, 1.0, 4.0, 3.0))->rateNewtonsPerMetre())
        ->toBeGreaterThan(0.0)
        ->and((new MeteringSpring(0.5, 4.0, 5.0, 4.0, 3.9))->isSolidAsInstalled())
        ->toBeTrue()
        ->and(fn () => new MeteringSpring(0.5, 4.0, 5.0, 3.99, 3.9))
        ->toThrow(UnusableSpring::class);
});

<?php

declare(strict_types=1);

use DustyJet\Instrument\Sample;
use DustyJet\Instrument\Steadiness;
use DustyJet\Numerics\Chance;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<Sample> twenty a second, of a speed in time */
function shown(callable $rpm, float $seconds, int $seed, float $wavers = 12.0): array
{
    $chance = new Chance(new Randomizer(new Mt19937($seed)));

    return array_map(
        static fn (int $i): Sample => new Sample($i + 1, $i / 20.0, $rpm($i / 20.0) + $wavers * $chance->gaussian(), 1),
        range(0, (int) (20 * $seconds) - 1),
    );
}

it('has settled where it only wavers, and says the mean of the last second and a half', function (): void {
    $seed = seed();
    $still = 0;
    for ($i = 0; $i < 200; $i++) {
        $steady = Steadiness::of(shown(static fn (): float => 1750.0, 3.0, $seed + $i));
        $still += $steady->mean === null ? 0 : 1;
        // 30 readings of sigma 12: the mean is within four standard errors.
        $within = 4.0 * 12.0 / sqrt(30.0) + 1.0;
        $steady->mean === null || expect($steady->mean)->toEqualWithDelta(1750.0, $within, "SEED={$seed}");
    }
    // Two halves differ by three standard errors three times in a thousand.
    expect($still)->toBeGreaterThanOrEqual(190, "SEED={$seed}");
});

it('has not settled while it drifts or jumps', function (float $slope, float $jump, float $seconds): void {
    $rpm = static fn (float $t): float => 1500.0 + $slope * $t + ($t < 2.2 ? 0.0 : $jump);
    $seed = seed();
    for ($i = 0; $i < 30; $i++) {
        expect(Steadiness::of(shown($rpm, $seconds, $seed + $i))->mean)->toBeNull("SEED={$seed}");
    }
})->with([
    'climbing' => [100.0, 0.0, 3.0],
    'snapped open' => [0.0, 1500.0, 3.0],
    'heard for a second' => [0.0, 0.0, 1.0],
]);

it('follows the mean of a slow saw within its share', function (): void {
    expect(Steadiness::of(shown(static fn (): float => 12_500.0, 2.0, 1, 0.0))->mean)->toBe(12_500.0)
        ->and(Steadiness::of([])->now)->toBeNull()
        ->and(Steadiness::of(shown(static fn (float $t): float => 100.0 * $t, 2.0, 1, 0.0))->now)->toEqualWithDelta(195.0, 1e-9);
});

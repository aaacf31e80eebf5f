<?php

declare(strict_types=1);

use DustyJet\HoldTest\HoldCurve;
use DustyJet\HoldTest\LeakLaw;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\TraceBins;
use DustyJet\Quantity\PressureUnit;

/**
 * @param  list<float>  $parameters
 */
function expectSlopesToAgree(HoldCurve $curve, array $parameters, float $tolerance): void
{
    $x = [0.0, 0.7, 3.0, 12.0, 45.0];
    [$values, $slopes] = $curve->valuesAndSlopes($parameters, $x);

    expect($values)->toEqualWithDelta($curve->values($parameters, $x), 1e-9);
    foreach ($parameters as $j => $parameter) {
        $h = 1e-4 * max(1.0, abs($parameter));
        $above = $below = $parameters;
        $above[$j] += $h;
        $below[$j] -= $h;
        $up = $curve->values($above, $x);
        $down = $curve->values($below, $x);
        foreach ($x as $i => $t) {
            $difference = ($up[$i] - $down[$i]) / (2 * $h);
            expect($slopes[$j][$i])->toEqualWithDelta(
                $difference,
                $tolerance * max(1.0, abs($difference)),
                "parameter {$j} at {$t} s",
            );
        }
    }
}

it('has the slopes it says: tight', function (): void {
    expectSlopesToAgree(HoldCurve::tight(), [34.0, 2.0, log(2.5)], 1e-5);
});

it('has the slopes it says: plateau', function (): void {
    expectSlopesToAgree(HoldCurve::plateau(), [20.0, 14.0, log(25.0), 2.0, log(2.5)], 1e-5);
});

it('has the slopes it says: leak', function (LeakShape $shape, bool $isVacuum): void {
    $curve = HoldCurve::leak(LeakLaw::of($shape, $isVacuum, 60.0, 101.325));

    expectSlopesToAgree($curve, [$isVacuum ? 45.0 : 34.0, 0.15, 2.0, log(2.5)], 5e-3);
})
    ->with(LeakShape::cases())
    ->with([false, true]);

it('starts where it is told and falls at the rate it is told', function (LeakShape $shape): void {
    $curve = HoldCurve::leak(LeakLaw::of($shape, false, 60.0, 101.325));
    [$start, $soon] = $curve->withoutSettling([34.0, 0.2, 0.0, 0.0], [0.0, 0.01]);

    expect($start)
        ->toEqualWithDelta(34.0, 1e-3)
        ->and(($start - $soon) / 0.01)
        ->toEqualWithDelta(0.2, 2e-3)
        ->and($curve->leakRateAt(34.0, 34.0, 0.2))
        ->toEqualWithDelta(0.2, 1e-12)
        ->and($curve->leakRateAt(17.0, 34.0, 0.2))
        ->toBeLessThan(0.2);
})->with(LeakShape::cases());

it('counts no settling as part of the leak', function (): void {
    $curve = HoldCurve::leak(LeakLaw::of(LeakShape::Linear, false, 60.0, 101.325));
    $with = $curve->values([34.0, 0.2, 3.0, log(2.0)], [0.0, 60.0]);
    $without = $curve->withoutSettling([34.0, 0.2, 3.0, log(2.0)], [0.0, 60.0]);

    expect($with[0] - $without[0])
        ->toEqualWithDelta(3.0, 1e-12)
        ->and($with[1] - $without[1])
        ->toEqualWithDelta(0.0, 1e-9);
});

it('keeps every reading of a short trace and the weight of every reading of a long one', function (
    int $readings,
    float $step,
): void {
    $values = array_map(
        fn (int $i): array => [$i * 0.5, 5.0 - 0.001 * $i + 0.03 * sin(11 * $i)],
        range(0, $readings - 1),
    );
    $rounded = array_map(fn (array $r): array => [$r[0], round($r[1] / $step) * $step], $values);
    $seen = TraceBins::of(PressureTrace::of($rounded, PressureUnit::Psi, false, $step));

    expect($seen->count())
        ->toBe((float) $readings)
        ->and(count($seen->x))
        ->toBeLessThanOrEqual(max(300, min($readings, 1600)))
        ->and(count($seen->y))
        ->toBe(count($seen->x));
})
    ->with([30, 300, 301, 5000])
    ->with([0.01, 0.5]);

it('keeps the mean of a long trace where it averages', function (): void {
    $values = array_map(fn (int $i): array => [$i * 0.1, round(5.0 + 0.05 * sin(13 * $i), 3)], range(0, 2999));
    $seen = TraceBins::of(PressureTrace::of($values, PressureUnit::Psi, false, 0.001));
    $weighted
        = array_sum(array_map(fn (float $y, float $w): float => $y * $w, $seen->y, $seen->weights)) / $seen->count();
    $plain = (array_sum(array_column($values, 1)) / 3000) * 6.894757293168361;

    expect($seen->asIntervals)
        ->toBeFalse()
        ->and($weighted)
        ->toEqualWithDelta($plain, 1e-9)
        ->and($seen->withinSquares)
        ->toBeGreaterThan(0.0);
});

it('bins a long trace by the clock: 90 bins of the first half minute, 150 of the rest', function (float $step): void {
    // Every 0.1 s over ten minutes, level but for a ripple that steps see or do not see.
    $values = array_map(fn (int $i): array => [$i * 0.1, round((5.0 + 0.004 * ($i % 3)) / 0.001) * 0.001], range(0, 5999));
    $seen = TraceBins::of(PressureTrace::of($values, PressureUnit::Psi, false, $step));
    $early = array_values(array_filter($seen->x, fn (float $t): bool => $t < 30.0));
    $perBin = $seen->asIntervals ? 3 : 1;

    expect($seen->asIntervals)
        ->toBe($step > 0.006)
        ->and(count($early))
        ->toBe(90 * $perBin)
        ->and(count($seen->x) - count($early))
        // The last moment is a bin of its own.
        ->toBeIn([150 * $perBin + 1, 151 * $perBin]);
    foreach ($seen->x as $i => $t) {
        // Mean times: within a bin's width of where the bin is, whatever its readings are.
        $width = $t < 30.0 ? 1.0 / 3.0 : 3.8;
        expect($t)->toBeGreaterThan(-1e-9)->toBeLessThanOrEqual(599.9 + 1e-9);
        if ($i >= $perBin && $i < count($seen->x) - $perBin) {
            expect($t - $seen->x[$i - $perBin])->toBeGreaterThan(0.4 * $width)->toBeLessThan(1.7 * $width);
        }
    }
    $mean = array_sum(array_map(fn (float $t, float $w): float => $t * $w, $seen->x, $seen->weights)) / $seen->count();
    expect($mean)->toEqualWithDelta(299.95, 1e-6);
})->with([0.001, 0.02]);

it('takes readings as intervals where the noise is under two thirds of a step, or they are few', function (
    int $readings,
    float $noise,
    bool $asIntervals,
): void {
    // Plus and minus the same amount: second differences of 4 noise, so a standard deviation of sqrt(16/6) noise.
    $values = array_map(fn (int $i): array => [(float) $i, 5.0 + ($i % 2 === 0 ? $noise : -$noise)], range(0, $readings - 1));
    $seen = TraceBins::of(PressureTrace::of($values, PressureUnit::Psi, false, 0.1));

    expect($seen->asIntervals)->toBe($asIntervals);
})->with([
    [59, 0.3, true],
    [60, 0.3, false],
    [100, 0.066 / sqrt(16 / 6) * 0.99, true],
    [100, 0.066 / sqrt(16 / 6) * 1.03, false],
]);

it('takes a long trace in which no two readings are equal as means', function (): void {
    // So that its fit stays a fit of a few hundred.
    $values = array_map(static fn (int $t): array => [(float) $t, 5.0 - 4.0 * $t / 20_000], range(0, 19_999));
    $seen = TraceBins::of(PressureTrace::of($values, PressureUnit::Psi, false, 0.0002));

    expect(count($seen->x))->toBeLessThanOrEqual(240)
        ->and($seen->count())->toBe(20_000.0)
        ->and($seen->asIntervals)->toBeFalse()
        // Means of a line lie on it: 5 psi at the start, 4 less after 20,000 s.
        ->and($seen->y[0])->toEqualWithDelta((5.0 - 4.0 * $seen->x[0] / 20_000) * 6.894757, 1e-5)
        ->and($seen->y[100])->toEqualWithDelta((5.0 - 4.0 * $seen->x[100] / 20_000) * 6.894757, 1e-5);
});

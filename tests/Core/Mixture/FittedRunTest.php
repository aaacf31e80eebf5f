<?php

declare(strict_types=1);

use DustyJet\Mixture\FittedRun;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Numerics\WeightedPolynomial;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

/*
 * Against NumPy and SciPy: tests/Fixtures/mixture_runs.py reckons twelve runs again, of 5 to 13 readings, straight and
 * skewed, four with one misread tachometer, by other routes (roots and derivatives found numerically).
 */

/** @return list<array<string, mixed>> */
function reckonedRuns(): array
{
    return json_decode((string) file_get_contents(__DIR__.'/../../Fixtures/mixture-runs.json'), true);
}

/**
 * @param  array<string, mixed>  $run
 *
 * @return list<MixtureReading>
 */
function readingsOf(array $run): array
{
    return array_map(
        static fn (float $turns, float $rpm): MixtureReading => new MixtureReading(
            Turns::nearestTo($turns),
            RotationalSpeed::ofRpm($rpm),
        ),
        $run['turns'],
        $run['rpm'],
    );
}

/** @param  array<string, mixed>  $run */
function plainFit(array $run, int $degree): FittedRun
{
    $near = array_filter($run['rpm'], static fn (float $rpm): bool => $rpm >= 0.8 * max($run['rpm']));
    $z = array_map(log(...), array_values(array_intersect_key($run['turns'], $near)));
    $centre = array_sum($z) / count($z);
    $z = array_map(static fn (float $v): float => $v - $centre, $z);
    $polynomial = WeightedPolynomial::through($z, array_values($near), array_fill(0, count($z), 1.0), $degree);

    return new FittedRun($polynomial, $centre, 225.0, 2.0, 0.0);
}

it('agrees with SciPy on the peak, both ends of its interval and both edges', function (int $which): void {
    $run = reckonedRuns()[$which];
    $result = MixtureRun::judge(readingsOf($run), School::Peak);

    expect($result->peakTurns)->toEqualWithDelta($run['peak_turns'], 1e-4)
        ->and($result->peakRpm)->toEqualWithDelta($run['peak_rpm'], 1e-2)
        ->and($result->peakLowTurns)->toEqualWithDelta($run['peak_low_turns'], 5e-4)
        ->and($result->peakHighTurns)->toEqualWithDelta($run['peak_high_turns'], 5e-4)
        ->and($result->edges->leanTurns)->toEqualWithDelta($run['lean_turns'], 1e-4)
        ->and($result->edges->richTurns)->toEqualWithDelta($run['rich_turns'], 1e-4);
})->with(range(0, 11));

it('agrees with SciPy on the spread of the middle of two edges', function (int $which): void {
    $run = reckonedRuns()[$which];
    foreach ($run['plain'] as $degree => $spread) {
        $fit = plainFit($run, (int) $degree);
        $below = $fit->edge(0.95, -1, 6.0);
        $above = $fit->edge(0.95, 1, 6.0);
        if ($spread !== null) {
            expect($fit->edgeSpread(0.95, $below, $above))->toEqualWithDelta($spread, 1e-3 * $spread + 1e-5);
        }
    }
})->with(range(0, 11));

it('stops at the midpoint just when SciPy has it within an eighth', function (): void {
    $within = 0;
    foreach (reckonedRuns() as $run) {
        $result = MixtureRun::judge(readingsOf($run), School::Midpoint);
        if ($result->recommendedTurns === null) {
            continue;
        }
        $within++;
        expect($result->reason === NextReason::WithinEighth)->toBe($run['midpoint_spread_turns'] <= 0.125)
            ->and($result->recommendedTurns)
            ->toEqualWithDelta(0.5 * ($run['lean_turns'] + $run['rich_turns']), 1e-4);
    }
    expect($within)->toBeGreaterThan(6);
});

it('knows no edge beyond the screw, nor below a sixteenth', function (): void {
    $fit = plainFit(['turns' => [0.5, 1.0, 2.0], 'rpm' => [1700.0, 1800.0, 1700.0]], 2);
    // By hand: the parabola in ln turns through these three falls 100 at ln 2, so 90 at ln 2 sqrt(0.9).
    $reach = exp(log(2.0) * sqrt(0.9));

    expect($fit->peakTurns())->toEqualWithDelta(1.0, 1e-9)
        ->and($fit->edge(0.95, 1, 6.0))->toEqualWithDelta($reach, 1e-6)
        ->and($fit->edge(0.95, -1, 6.0))->toEqualWithDelta(1.0 / $reach, 1e-6)
        ->and($fit->edge(0.95, 1, $reach + 0.02))->not->toBeNull()
        ->and($fit->edge(0.95, 1, $reach - 0.02))->toBeNull();
    $low = plainFit(['turns' => [1 / 16, 1 / 8, 1 / 4], 'rpm' => [1720.0, 1800.0, 1720.0]], 2);
    expect($low->edge(0.95, -1, 6.0))->toBeNull()->and($low->edge(0.95, 1, 6.0))->not->toBeNull();
    $valley = plainFit(['turns' => [0.5, 1.0, 2.0], 'rpm' => [1800.0, 1700.0, 1800.0]], 2);
    expect($valley->peakTurns())->toBeNull()->and($valley->edge(0.95, 1, 6.0))->toBeNull();
});

it('draws its curve from end to end', function (): void {
    $fit = plainFit(['turns' => [0.5, 1.0, 2.0], 'rpm' => [1700.0, 1800.0, 1700.0]], 2);
    $points = $fit->points(0.5, 2.0);

    expect($points[0][0])->toBe(0.5)
        ->and($points[0][1])->toEqualWithDelta(1700.0, 1e-6)
        ->and(end($points)[0])->toEqualWithDelta(2.0, 1e-12)
        ->and(end($points)[1])->toEqualWithDelta(1700.0, 1e-6)
        ->and($points[1][0] - $points[0][0])->toEqualWithDelta($points[2][0] - $points[1][0], 1e-12);
});

<?php

declare(strict_types=1);

use DustyJet\Numerics\Likelihood;
use DustyJet\Numerics\Observations;

/** @return array{0: Observations, 1: list<float>} */
function someObservations(bool $asIntervals, float $step): array
{
    return [
        new Observations(
            x: [0.0, 1.0, 2.0, 3.0],
            y: [5.0, 4.9, 4.9, 4.7],
            weights: [1.0, 3.0, 1.0, 2.0],
            step: $step,
            asIntervals: $asIntervals,
            withinSquares: $asIntervals ? 0.0 : 0.013,
        ),
        [5.02, 4.93, 4.86, 4.75],
    ];
}

it('has slopes that agree with small differences', function (bool $asIntervals, float $step, float $logNoise): void {
    [$seen, $mu] = someObservations($asIntervals, $step);
    $likelihood = new Likelihood($seen);
    $expanded = $likelihood->expand($mu, $logNoise);
    $h = 1e-6;

    expect($expanded['value'])->toEqualWithDelta($likelihood->value($mu, $logNoise), 1e-9);
    foreach (array_keys($mu) as $i) {
        $above = $below = $mu;
        $above[$i] += $h;
        $below[$i] -= $h;
        $slope = ($likelihood->value($above, $logNoise) - $likelihood->value($below, $logNoise)) / (2 * $h);
        expect($expanded['dMu'][$i])->toEqualWithDelta($slope, 1e-4 * max(1.0, abs($slope)));
    }
    $byNoise = ($likelihood->value($mu, $logNoise + $h) - $likelihood->value($mu, $logNoise - $h)) / (2 * $h);
    expect($expanded['dNoise'])->toEqualWithDelta($byNoise, 1e-4 * max(1.0, abs($byNoise)));
})->with([
    'intervals, noise resolves the step' => [true, 0.1, log(0.08)],
    'intervals, the step outweighs the noise' => [true, 0.1, log(0.03)],
    'normal, fine step' => [false, 0.01, log(0.05)],
    'normal, no step' => [false, 0.0, log(0.05)],
]);

it('has curvatures that agree with small differences of its slopes', function (
    bool $asIntervals,
    float $step,
    float $logNoise,
): void {
    [$seen, $mu] = someObservations($asIntervals, $step);
    $likelihood = new Likelihood($seen);
    $expanded = $likelihood->expand($mu, $logNoise);
    $h = 1e-6;

    foreach (array_keys($mu) as $i) {
        $above = $below = $mu;
        $above[$i] += $h;
        $below[$i] -= $h;
        $bend
            = -(
                $likelihood->expand($above, $logNoise)['dMu'][$i] - $likelihood->expand($below, $logNoise)['dMu'][$i]
            )
            / (2 * $h);
        expect($expanded['dMuMu'][$i])->toEqualWithDelta($bend, 1e-3 * max(1.0, abs($bend)));
        $cross
            = -(
                $likelihood->expand($mu, $logNoise + $h)['dMu'][$i]
                - $likelihood->expand($mu, $logNoise - $h)['dMu'][$i]
            )
            / (2 * $h);
        expect($expanded['dMuNoise'][$i])->toEqualWithDelta($cross, 1e-3 * max(1.0, abs($cross)));
    }
    $bend
        = -(
            $likelihood->expand($mu, $logNoise + $h)['dNoise'] - $likelihood->expand($mu, $logNoise - $h)['dNoise']
        )
        / (2 * $h);
    expect($expanded['dNoiseNoise'])->toEqualWithDelta($bend, 1e-3 * max(1.0, abs($bend)));
})->with([
    'intervals' => [true, 0.1, log(0.06)],
    'normal' => [false, 0.01, log(0.05)],
]);

it('weighs a reading of three as three readings', function (): void {
    $one = new Likelihood(new Observations([0.0, 0.0, 0.0], [5.0, 5.0, 5.0], [1.0, 1.0, 1.0], 0.1, true));
    $three = new Likelihood(new Observations([0.0], [5.0], [3.0], 0.1, true));

    expect($three->value([4.97], log(0.02)))->toEqualWithDelta($one->value([4.97, 4.97, 4.97], log(0.02)), 1e-12);
});

it('loses nothing by averaging where noise resolves the step', function (): void {
    $y = [5.02, 4.97, 5.01, 5.04, 4.96];
    $mean = array_sum($y) / 5;
    $within = array_sum(array_map(fn (float $v): float => ($v - $mean) ** 2, $y));
    $single = new Likelihood(new Observations(array_fill(0, 5, 0.0), $y, array_fill(0, 5, 1.0), 0.01, false));
    $averaged = new Likelihood(new Observations([0.0], [$mean], [5.0], 0.01, false, $within));

    expect($averaged->value([4.99], log(0.03)))->toEqualWithDelta(
        $single->value(array_fill(0, 5, 4.99), log(0.03)),
        1e-9,
    );
});

it('stays finite however far a reading lies off', function (): void {
    $likelihood = new Likelihood(new Observations([0.0], [500.0], [1.0], 0.1, true));
    $expanded = $likelihood->expand([0.0], log(0.001));

    expect(is_finite($expanded['value']))
        ->toBeTrue()
        ->and(is_finite($expanded['dMu'][0]))
        ->toBeTrue()
        ->and(is_finite($expanded['dMuMu'][0]))
        ->toBeTrue();
});

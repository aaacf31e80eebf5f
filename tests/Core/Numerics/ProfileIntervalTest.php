<?php

declare(strict_types=1);

use DustyJet\Numerics\Curve;
use DustyJet\Numerics\CurveFitter;
use DustyJet\Numerics\Fit;
use DustyJet\Numerics\Observations;
use DustyJet\Numerics\Parameter;
use DustyJet\Numerics\ProfileInterval;

/** A straight line, for which every answer is known in closed form. */
final readonly class Line implements Curve
{
    public function values(array $parameters, array $x): array
    {
        return array_map(fn (float $v): float => $parameters[0] + $parameters[1] * $v, $x);
    }

    public function valuesAndSlopes(array $parameters, array $x): array
    {
        return [$this->values($parameters, $x), [array_fill(0, count($x), 1.0), $x]];
    }
}

/**
 * @return array{0: CurveFitter, 1: Fit, 2: float} fitter, fit and the slope's standard error when the noise is known
 */
function fittedLine(float $noise): array
{
    $x = array_map(floatval(...), range(0, 19));
    $y = array_map(fn (float $v): float => 3.0 - 0.2 * $v + 0.05 * sin(7 * $v), $x);
    $known = new Parameter(log($noise), log($noise), log($noise));
    $fitter = new CurveFitter(
        new Line,
        new Observations($x, $y, array_fill(0, 20, 1.0), 0.0, false),
        [new Parameter(1.0), new Parameter(0.0)],
        $known,
        1e-12,
    );
    $mean = array_sum($x) / 20;
    $spread = array_sum(array_map(fn (float $v): float => ($v - $mean) ** 2, $x));

    return [$fitter, $fitter->fit(), $noise / sqrt($spread)];
}

it('gives the textbook interval of a slope when the noise is known', function (float $noise): void {
    [$fitter, $fit, $error] = fittedLine($noise);
    $ends = ProfileInterval::around($fitter, $fit, 1, 3.841459, -10.0, 10.0);

    // Slope -/+ 1.96 standard errors, to the two per cent the search stops at.
    expect($ends->low->parameters[1])
        ->toEqualWithDelta($fit->parameters[1] - 1.95996 * $error, 0.03 * $error * 1.96)
        ->and($ends->high->parameters[1])
        ->toEqualWithDelta($fit->parameters[1] + 1.95996 * $error, 0.03 * $error * 1.96);
})->with([0.01, 0.1, 1.0]);

it('knows the standard error, and how the level follows a slope', function (float $noise): void {
    [$fitter, $fit, $error] = fittedLine($noise);
    $ridge = $fitter->ridge($fit, 1);
    $moved = $ridge->along($fit, $fit->parameters[1] + 0.1);

    // The line turns about the mean of x, 9.5: the level falls by 9.5 times what the slope gains.
    expect($ridge->standardError())->toEqualWithDelta($error, 1e-6 * $error)
        ->and($moved->parameters[1])->toEqualWithDelta($fit->parameters[1] + 0.1, 1e-9)
        ->and($moved->parameters[0])->toEqualWithDelta($fit->parameters[0] - 0.95, 1e-6)
        ->and($moved->logNoise)->toBe($fit->logNoise);
})->with([0.01, 0.1, 1.0]);

it('says that nothing is known of what the readings do not tell', function (): void {
    $fitter = new CurveFitter(
        new Line,
        new Observations([0.0, 0.0, 0.0], [1.0, 1.1, 0.9], [1.0, 1.0, 1.0], 0.0, false),
        [new Parameter(0.0), new Parameter(0.0)],
        new Parameter(log(0.1), log(0.1), log(0.1)),
    );
    $fit = $fitter->fit();

    // All at one place: the level is known to 0.1 / sqrt(3), a slope not at all.
    expect($fitter->ridge($fit, 0)->standardError())->toEqualWithDelta(0.1 / sqrt(3.0), 1e-6)
        ->and($fitter->ridge($fit, 1)->standardError())->toBeGreaterThan(1e5);
});

it('knows how far a parameter moves before the likelihood has fallen by one', function (float $noise): void {
    [$fitter, $fit] = fittedLine($noise);

    // Twenty readings of noise s hold their mean by exp(-20 d^2 / 2 s^2): d = s / sqrt(10) either way, to the halvings.
    expect($fitter->supportWidth($fit, 0))->toEqualWithDelta((2.0 * $noise) / sqrt(10.0), 0.03 * $noise);
})->with([0.01, 0.1, 1.0]);

it('stops at a bound the parameter cannot pass', function (): void {
    [$fitter, $fit, $error] = fittedLine(0.1);
    $bound = $fit->parameters[1] - 0.5 * $error;
    $ends = ProfileInterval::around($fitter, $fit, 1, 3.841459, $bound, 10.0);

    expect($ends->low->parameters[1])->toBe($bound);
});

it('is wider with few readings, as Student found', function (): void {
    expect(ProfileInterval::threshold(5.0, 1))
        ->toBeGreaterThan(ProfileInterval::threshold(20.0, 16))
        ->and(ProfileInterval::threshold(20.0, 16))
        ->toBeGreaterThan(ProfileInterval::threshold(2000.0, 1000))
        ->and(ProfileInterval::threshold(2000.0, 1000))
        ->toEqualWithDelta(3.85, 0.02);
});

it('fits with one parameter held as if it were known', function (): void {
    [$fitter, $fit] = fittedLine(0.1);
    $held = $fitter->holding(1, -0.25, $fit);

    // With the slope held, the best level is the mean of what is left.
    expect($held->parameters[1])
        ->toBe(-0.25)
        ->and($held->parameters[0])
        ->toEqualWithDelta($fit->parameters[0] + (-0.2 + 0.25) * 9.5 + ($fit->parameters[1] + 0.2) * 9.5, 1e-3)
        ->and($held->logPosterior)
        ->toBeLessThan($fit->logPosterior);
});

it('keeps a parameter inside its bounds', function (): void {
    $x = [0.0, 1.0, 2.0, 3.0];
    $fitter = new CurveFitter(
        new Line,
        new Observations($x, [1.0, 2.0, 3.0, 4.0], array_fill(0, 4, 1.0), 0.0, false),
        [new Parameter(0.0), new Parameter(0.0, -1.0, 0.5)],
        new Parameter(log(0.1), log(0.001), log(10.0)),
    );

    expect($fitter->fit()->parameters[1])->toBe(0.5);
});

it('leans on a prior where the readings say nothing', function (): void {
    $fitter = new CurveFitter(
        new Line,
        new Observations([0.0, 0.0, 0.0], [1.0, 1.1, 0.9], [1.0, 1.0, 1.0], 0.0, false),
        [new Parameter(0.0), new Parameter(0.0, priorMean: 0.7, priorSd: 0.1)],
        new Parameter(log(0.1), log(0.001), log(10.0)),
    );

    expect($fitter->fit()->parameters[1])->toEqualWithDelta(0.7, 1e-3);
});

it('weighs a prior against the readings by their precisions', function (): void {
    $fitter = new CurveFitter(
        new Line,
        new Observations([0.0, 0.0, 0.0, 0.0], [1.0, 1.1, 0.9, 1.0], array_fill(0, 4, 1.0), 0.0, false),
        [new Parameter(0.0, priorMean: 2.0, priorSd: 0.1), new Parameter(0.0, 0.0, 0.0)],
        new Parameter(log(0.2), log(0.2), log(0.2)),
        1e-13,
    );
    $fit = $fitter->fit();

    // Four readings of noise 0.2 are worth 100, the prior of 0.1 is worth 100 too: half way between 1 and 2.
    expect($fit->parameters[0])->toEqualWithDelta(1.5, 1e-6)
        ->and($fit->logPosterior - $fit->logLikelihood)->toEqualWithDelta(-0.5 * (0.5 / 0.1) ** 2, 1e-6);
});

it('counts parameters in its criterion', function (): void {
    $fit = new Fit([1.0], 0.0, -10.0, -10.0);

    // AICc = 2k - 2 ln L + 2k(k+1)/(n-k-1) (Hurvich and Tsai 1989): k 3, n 20.
    expect($fit->aicc(3, 20.0))->toEqualWithDelta(20.0 + 6.0 + 24.0 / 16.0, 1e-12);
});

it('counts how few levels a slope leaves when every reading is rounded to the same figure', function (): void {
    $x = array_map(floatval(...), range(0, 19));
    $noise = log(0.004);
    $fitter = new CurveFitter(
        new Line,
        new Observations($x, array_fill(0, 20, 5.0), array_fill(0, 20, 1.0), 1.0, true),
        [new Parameter(5.0), new Parameter(0.0)],
        new Parameter($noise, $noise, $noise),
    );
    $fit = $fitter->fit();
    $refitted = ProfileInterval::around($fitter, $fit, 1, 3.841459, -10.0, 10.0);
    $integrated = ProfileInterval::around($fitter, $fit, 1, 3.841459, -10.0, 10.0, 0);

    // A line falling d over the run fits 4.5 to 5.5 from 1 - d of the levels: -2 ln(1 - d) is 3.84 at d = 0.8535. The
    // best level alone allows the whole step.
    expect(19.0 * $integrated->high->parameters[1])
        ->toEqualWithDelta(0.8535, 0.01)
        ->and(-19.0 * $integrated->low->parameters[1])
        ->toEqualWithDelta(0.8535, 0.01)
        ->and(19.0 * $refitted->high->parameters[1])
        ->toEqualWithDelta(1.0, 0.02);
});

<?php

declare(strict_types=1);

use DustyJet\Numerics\Curve;
use DustyJet\Numerics\CurveFitter;
use DustyJet\Numerics\Observations;
use DustyJet\Numerics\Parameter;

/** y = b1 (1 - exp(-b2 x)), the model of the NIST sets and, shifted, of a needle that holds below. */
final readonly class Rise implements Curve
{
    public function values(array $parameters, array $x): array
    {
        return array_map(fn (float $v): float => $parameters[0] * (1.0 - exp(-$parameters[1] * $v)), $x);
    }

    public function valuesAndSlopes(array $parameters, array $x): array
    {
        return [
            $this->values($parameters, $x),
            [
                array_map(fn (float $v): float => 1.0 - exp(-$parameters[1] * $v), $x),
                array_map(fn (float $v): float => $parameters[0] * $v * exp(-$parameters[1] * $v), $x),
            ],
        ];
    }
}

/** @return array<string, array{set: array<string, mixed>, start: list<float>, step: float}> */
function nistStarts(): array
{
    $cases = [];
    foreach (
        json_decode((string) file_get_contents(__DIR__.'/../../Fixtures/nist-strd.json'), true)['sets'] as $set
    ) {
        foreach ($set['starts'] as $i => $start) {
            foreach ([0.0, 1e-7] as $step) {
                $cases["{$set['name']} from start ".($i + 1).", gauge step {$step}"] = [
                    'set' => $set,
                    'start' => $start,
                    'step' => $step,
                ];
            }
        }
    }

    return $cases;
}

it('reproduces NIST StRD certified values to six digits from both published starts', function (
    array $set,
    array $start,
    float $step,
): void {
    $x = array_map(floatval(...), $set['x']);
    $y = array_map(floatval(...), $set['y']);
    $off = array_map(fn (float $a, float $b): float => ($a - $b) ** 2, $y, (new Rise)->values($start, $x));
    $noise = sqrt(array_sum($off) / count($off));
    $seen = new Observations($x, $y, array_fill(0, count($x), 1.0), $step, false);

    $fit = (new CurveFitter(
        new Rise,
        $seen,
        [new Parameter($start[0], 1e-6, 1e6), new Parameter($start[1], 1e-9, 50.0)],
        new Parameter(log($noise), -14.0, 14.0),
        1e-13,
    ))->fit();

    $residuals = array_map(
        fn (float $a, float $b): float => ($a - $b) ** 2,
        $y,
        (new Rise)->values($fit->parameters, $x),
    );
    expect(abs($fit->parameters[0] / $set['certified']['b1'] - 1))
        ->toBeLessThan(5e-7)
        ->and(abs($fit->parameters[1] / $set['certified']['b2'] - 1))
        ->toBeLessThan(5e-7)
        ->and(abs(array_sum($residuals) / $set['certified']['residual_sum_of_squares'] - 1))
        ->toBeLessThan(1e-6);
})->with(nistStarts());

it('agrees with itself whether fine readings are points or intervals', function (): void {
    $set = nistStarts()['Misra1a from start 2, gauge step 0']['set'];
    $x = array_map(floatval(...), $set['x']);
    $y = array_map(floatval(...), $set['y']);
    $fit = fn (bool $asIntervals) => (new CurveFitter(
        new Rise,
        new Observations($x, $y, array_fill(0, 14, 1.0), 0.01, $asIntervals),
        [new Parameter(250), new Parameter(0.0005)],
        new Parameter(log(0.1), -12, 12),
        1e-12,
    ))->fit();

    // A step of a tenth of the noise: the two likelihoods are the same to a part in a thousand (Sheppard).
    expect($fit(true)->parameters[0])
        ->toEqualWithDelta($fit(false)->parameters[0], 0.01)
        ->and($fit(true)->noise())
        ->toEqualWithDelta($fit(false)->noise(), 1e-4);
});

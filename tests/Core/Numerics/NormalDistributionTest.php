<?php

declare(strict_types=1);

use DustyJet\Numerics\LinearSystem;
use DustyJet\Numerics\NormalDistribution;
use DustyJet\Numerics\StudentDistribution;
use DustyJet\Numerics\WeightedPolynomial;

it('gives erfc as tabulated (Abramowitz and Stegun table 7.1; tails from DLMF 7.12)', function (
    float $x,
    float $erfc,
): void {
    expect(abs(NormalDistribution::erfc($x) / $erfc - 1.0))->toBeLessThan(1e-9);
})->with([
    [0.0, 1.0],
    [0.5, 0.4795001221869535],
    [1.0, 0.15729920705028513],
    [1.5, 0.033894853524689274],
    [2.0, 0.004677734981047266],
    [3.0, 2.209049699858544e-5],
    [5.0, 1.537459794428035e-12],
    [-1.0, 1.8427007929497148],
]);

it('keeps the probability of a far interval above zero', function (): void {
    expect(NormalDistribution::between(8.0, 9.0))
        ->toEqualWithDelta(6.2198e-16, 1e-19)
        ->and(NormalDistribution::between(-9.0, -8.0))
        ->toEqualWithDelta(NormalDistribution::between(8.0, 9.0), 1e-25)
        ->and(NormalDistribution::between(60.0, 61.0))
        ->toBeGreaterThan(0.0);
});

it('gives Student points as tabulated (NIST/SEMATECH e-Handbook 1.3.6.7.2, two-sided 95 %)', function (
    int $freedom,
    float $t,
): void {
    expect(StudentDistribution::twoSided95($freedom))->toEqualWithDelta($t, 6e-4);
})->with([
    [1, 12.706], [2, 4.303], [3, 3.182], [4, 2.776], [5, 2.571], [6, 2.447], [7, 2.365], [8, 2.306], [9, 2.262],
    [10, 2.228], [11, 2.201], [12, 2.179], [15, 2.131], [30, 2.042], [100, 1.984],
]);

it('solves a system that needs its rows changed round', function (): void {
    expect(LinearSystem::solve([[0.0, 2.0], [3.0, 1.0]], [4.0, 5.0]))
        ->toBe([1.0, 2.0])
        ->and(LinearSystem::solve([[1.0, 2.0], [2.0, 4.0]], [1.0, 2.0]))
        ->toBeNull();
});

it('recovers a cubic exactly', function (): void {
    $x = [-1.0, -0.5, 0.0, 0.5, 1.0];
    $y = array_map(fn (float $v): float => 2 - $v + 3 * $v ** 2 - 4 * $v ** 3, $x);

    expect(WeightedPolynomial::through($x, $y, array_fill(0, 5, 1.0), 3)?->coefficients)->toEqualWithDelta(
        [2.0, -1.0, 3.0, -4.0],
        1e-9,
    );
});

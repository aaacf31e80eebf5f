<?php

declare(strict_types=1);

use DustyJet\Numerics\LinearSystem;
use DustyJet\Numerics\NormalDistribution;
use DustyJet\Numerics\StudentDistribution;

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

it('gives the density as tabulated (Abramowitz and Stegun table 26.1)', function (float $x, float $density): void {
    expect(NormalDistribution::density($x))->toEqualWithDelta($density, 1e-15);
})->with([
    [0.0, 0.398942280401433], [1.0, 0.241970724519143], [-2.0, 0.053990966513188], [3.0, 0.004431848411938],
]);

it('gives an interval the same in both ways, wherever it lies', function (float $a, float $b, float $probability): void {
    [$likely, $densityA, $densityB] = NormalDistribution::interval($a, $b);

    // scipy.stats.norm: cdf(b) - cdf(a), or sf(a) - sf(b) in the upper tail.
    expect(abs($likely / $probability - 1.0))->toBeLessThan(1e-9)
        ->and(abs(NormalDistribution::between($a, $b) / $probability - 1.0))->toBeLessThan(1e-9)
        ->and($densityA)->toEqualWithDelta(NormalDistribution::density($a), 1e-16)
        ->and($densityB)->toEqualWithDelta(NormalDistribution::density($b), 1e-16);
})->with([
    'across the middle' => [-0.3, 0.5, 0.30937388346296574],
    'one side, near' => [0.2, 0.6, 0.14648717281082335],
    'the other side, near' => [-0.6, -0.2, 0.14648717281082335],
    'middle reach' => [1.0, 3.0, 0.1573053558998269],
    'its mirror' => [-3.0, -1.0, 0.1573053558998269],
    'far' => [6.0, 7.0, 9.853078324938088e-10],
    'its far mirror' => [-7.0, -6.0, 9.853078324938088e-10],
    'from far to far' => [-6.0, 6.0, 0.9999999980268246],
]);

it('gives Student points far out to a part in ten thousand (scipy.stats.t.ppf 0.975)', function (int $freedom, float $t): void {
    expect(StudentDistribution::twoSided95($freedom))->toEqualWithDelta($t, 1.2e-4);
})->with([
    [11, 2.2009852], [13, 2.1603687], [16, 2.1199053], [20, 2.0859634], [25, 2.0595386], [40, 2.0210754],
    [60, 2.0002978], [120, 1.9799304], [1000, 1.9623391],
]);

it('takes no fewer than one degree of freedom', function (): void {
    expect(StudentDistribution::twoSided95(0))->toBe(12.7062);
});

it('gives the share below (Abramowitz and Stegun table 26.1)', function (float $x, float $below): void {
    expect(NormalDistribution::below($x))->toEqualWithDelta($below, 1e-12);
})->with([[0.0, 0.5], [1.0, 0.841344746068543], [-2.0, 0.022750131948179], [3.0, 0.998650101968370]]);

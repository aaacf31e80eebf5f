<?php

declare(strict_types=1);

use DustyJet\Numerics\CholeskyFactor;
use DustyJet\Numerics\NonNegativeLeastSquares;
use DustyJet\Numerics\NormalDistribution;
use DustyJet\Numerics\PositiveNormal;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('finds the least squares with none below zero that SciPy finds', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $u = static fn (): float => $chance->getInt(-1000, 1000) / 500.0;
    $systems = $found = [];
    for ($i = 0; $i < 200; $i++) {
        $n = $chance->getInt(1, 6);
        $m = $chance->getInt($n, 9);
        $rows = array_map(static fn (): array => array_map(static fn (): float => $u(), range(1, $n)), range(1, $m));
        $right = array_map(static fn (): float => $u(), range(1, $m));
        $systems[] = [$rows, $right];
        $found[] = NonNegativeLeastSquares::solve($rows, $right);
    }
    $scipy = scipy(<<<'PY'
    import json, sys
    import numpy as np
    from scipy.optimize import nnls
    print(json.dumps([list(nnls(np.array(a), np.array(b))[0]) for a, b in json.load(sys.stdin)]))
    PY, $systems);
    foreach ($found as $i => $x) {
        foreach ($x as $j => $value) {
            expect($value)->toEqualWithDelta($scipy[$i][$j], 1e-6, "SEED={$seed} system {$i}");
        }
    }
});

it('gives what nothing tells apart to the first, and takes no unknowns', function (): void {
    expect(NonNegativeLeastSquares::solve([[1.0, 1.0], [1.0, 1.0]], [3.0, 3.0]))
        ->toEqualWithDelta([3.0, 0.0], 1e-9)
        ->and(NonNegativeLeastSquares::solve([[1.0]], [-3.0]))
        ->toBe([0.0])
        ->and(NonNegativeLeastSquares::solve([], []))
        ->toBe([])
        ->and(NonNegativeLeastSquares::solve([[]], [3.0]))
        ->toBe([]);
});

it('solves and takes the determinant as SciPy does', function (): void {
    $matrix = [[4.0, 1.0, 0.5], [1.0, 3.0, -0.2], [0.5, -0.2, 2.0]];
    $factor = CholeskyFactor::of($matrix);
    [$x, $log, $back] = scipy(<<<'PY'
    import json, sys
    import numpy as np
    from scipy.linalg import cholesky, solve, solve_triangular
    a = np.array(json.load(sys.stdin))
    low = cholesky(a, lower=True)
    b = np.array([1.0, -2.0, 3.0])
    print(json.dumps([list(solve(a, b)), float(np.linalg.slogdet(a)[1]), list(solve_triangular(low.T, b))]))
    PY, $matrix);

    expect($factor->solve([1.0, -2.0, 3.0]))
        ->toEqualWithDelta($x, 1e-12)
        ->and($factor->logDeterminant())
        ->toEqualWithDelta($log, 1e-12)
        ->and($factor->back([1.0, -2.0, 3.0]))
        ->toEqualWithDelta($back, 1e-12);
});

it('cuts off one unknown as the normal distribution says', function (float $mean, float $sigma): void {
    $cut = PositiveNormal::around([$mean], CholeskyFactor::of([[$sigma ** -2]]));
    $share = NormalDistribution::below($mean / $sigma);
    // Mean of a normal distribution cut off below zero: m + s phi(m/s) / Phi(m/s).
    $expected = $mean + $sigma * NormalDistribution::density($mean / $sigma) / $share;
    $found = array_sum(array_map(static fn (array $p): float => $p['at'][0] * $p['weight'], $cut->points));

    expect($cut->share)
        ->toEqualWithDelta($share, 0.012)
        ->and($found)
        ->toEqualWithDelta($expected, 0.02 * $sigma)
        ->and(array_sum(array_column($cut->points, 'weight')))
        ->toEqualWithDelta(1.0, 1e-9);
})->with([[3.0, 0.5], [1.0, 1.0], [0.0, 2.0], [-1.0, 1.0]]);

it('cuts off two and three unknowns as their orthant has it', function (): void {
    // Orthant of a standard pair with correlation r: 1/4 + asin(r) / (2 pi) (Sheppard 1899).
    foreach ([-0.6, 0.0, 0.5] as $r) {
        $precision = [[1.0 / (1 - $r * $r), -$r / (1 - $r * $r)], [-$r / (1 - $r * $r), 1.0 / (1 - $r * $r)]];
        $cut = PositiveNormal::around([0.0, 0.0], CholeskyFactor::of($precision));
        expect($cut->share)->toEqualWithDelta(0.25 + asin($r) / (2 * M_PI), 0.02);
    }
    $cut = PositiveNormal::around([5.0, 6.0, 7.0], CholeskyFactor::of([[1, 0, 0], [0, 1, 0], [0, 0, 1]]));
    $mean = static fn (int $i): float => array_sum(
        array_map(static fn (array $p): float => $p['at'][$i] * $p['weight'], $cut->points),
    );
    expect([$mean(0), $mean(1), $mean(2)])->toEqualWithDelta([5.0, 6.0, 7.0], 1e-3);
});

it('is nothing where all of it is below zero', function (): void {
    $cut = PositiveNormal::around([-50.0, 1.0], CholeskyFactor::of([[1.0, 0.0], [0.0, 1.0]]));

    expect($cut->share)->toBe(0.0)->and($cut->points)->toBe([['at' => [0.0, 0.0], 'weight' => 1.0]]);
});

it('reaches four standard deviations either way', function (): void {
    $at = array_map(static fn (array $p): float => $p['at'][0], PositiveNormal::around([10.0], CholeskyFactor::of([[1.0]]))->points);

    expect(min($at))->toEqualWithDelta(6.0, 1e-9)->and(max($at))->toEqualWithDelta(14.0, 1e-9);
});

<?php

declare(strict_types=1);

use DustyJet\Mixture\CurveBelief;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\RunCurve;
use DustyJet\Mixture\SpeedCurve;
use DustyJet\Numerics\Chance;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * The weight of each peak, reckoned a second time with SciPy: the readings of one shape and one peak are a Gaussian with
 * a covariance of its own, so its likelihood needs a determinant and no fit at all. The bend's sign by norm.cdf
 * of its posterior, from the normal equations solved by NumPy. Marks by norm.cdf in phi.
 */
const PEAKS_BY_SCIPY = <<<'PYTHON'
    import json, sys
    import numpy as np
    from scipy.stats import norm

    given = json.load(sys.stdin)
    edges = {'flutter': (1.25, 0.03, 1), 'rough_lean': (0.86, 0.06, -1), 'rough_rich': (1.5, 0.06, 1)}

    def heard(mark, phi):
        if mark == 'clean':
            p = 1 - norm.cdf((phi - 1.25) / 0.03)
        else:
            edge, noise, side = edges[mark]
            p = norm.cdf(side * (phi - edge) / noise)
        return np.log(0.01 + 0.98 * p)

    def axis(t, l):
        return np.log(t) if l == 0 else (t ** l - 1) / l

    said = []
    for case in given:
        t = np.array([r[0] for r in case['readings']])
        y = np.array([r[1] for r in case['readings']])
        rich, best, top = case['rich'], y.max(), case['full_throttle']
        noise = case['sigma'] ** 2 + (0.15 * (best - y)) ** 2
        peaks = 0.125 + np.arange(int((case['travel'] - 0.125) * 24 + 1e-6) + 1) / 24
        log = []
        for peak in peaks:
            one = []
            for l in ([0.0] if top else [-1.0, 0.0, 0.5, 1.0]):
                for steep in [1.0, 2.0, 3.5]:
                    for gain in ([0.25, 0.4, 0.6, 0.85, 1.1] if top or case['marks'] else [0.6]):
                        d = rich * (axis(t, l) - axis(peak, l))
                        g = -d ** 2 * np.where(d < 0, steep, 1.0)
                        quarter = axis(1.25 * peak, l) - axis(peak, l)
                        b, sb = 0.0, 0.25 * best / quarter ** 2
                        if top:
                            b, sb = 0.75 * best * gain ** 2, 0.35 * best * gain ** 2
                        sh = 0.15 * best
                        cov = np.diag(noise) + sh ** 2 + sb ** 2 * np.outer(g, g)
                        off = y - best - b * g
                        ll = -0.5 * (np.linalg.slogdet(cov)[1] + off @ np.linalg.solve(cov, off))
                        design = np.vstack([np.ones_like(g), g]).T
                        precision = design.T @ (design / noise[:, None]) + np.diag([sh ** -2, sb ** -2])
                        right = design.T @ (y / noise) + np.array([best / sh ** 2, b / sb ** 2])
                        middle = np.linalg.solve(precision, right)
                        ll += norm.logcdf(middle[1] / np.sqrt(np.linalg.inv(precision)[1, 1])) - norm.logcdf(b / sb)
                        for at, mark in case['marks']:
                            ll += heard(mark, 1.13 + gain * rich * np.log(at / peak))
                        one.append(ll)
            log.append(np.logaddexp.reduce(one))
        w = np.exp(np.array(log) - max(log))
        said.append(list(np.cumsum(w / w.sum())))
    print(json.dumps(said))
    PYTHON;

/** @return list<MixtureReading> */
function runOf(array $readings, array $marks = []): array
{
    return array_map(
        static fn (array $r, int $i): MixtureReading => new MixtureReading(
            Turns::nearestTo($r[0]),
            RotationalSpeed::ofRpm($r[1]),
            isset($marks[$i]) ? [Mark::from($marks[$i][1])] : [],
        ),
        $readings,
        array_keys($readings),
    );
}

it('weighs every peak as SciPy does, with no fit at all', function (): void {
    $seed = seed();
    $chance = new Chance(new Randomizer(new Mt19937($seed)));
    $cases = [];
    for ($i = 0; $i < 4; $i++) {
        $isFull = $i % 2 === 1;
        $rich = $isFull || $i % 4 === 0 ? 1 : -1;
        $peak = $chance->between(0.8, 2.2);
        $readings = $marks = [];
        // Four at most: five and more are weighed a second time, robustly.
        foreach (array_slice([-0.25, 0.0, 0.375, 0.75], 0, 3 + $i % 2) as $off) {
            $turns = round(($peak + $off) * 8.0) / 8.0;
            $rpm = 1800.0 * ($isFull ? 7.0 : 1.0) * (1.0 - 0.2 * log($turns / $peak) ** 2) + 15.0 * $chance->gaussian();
            $readings[] = [$turns, round($rpm)];
            $isFull && $marks[] = [$turns, $off > 0.2 ? 'flutter' : 'clean'];
        }
        $cases[] = [
            'readings' => $readings, 'marks' => $marks, 'rich' => $rich, 'full_throttle' => $isFull,
            'sigma' => 15.0, 'travel' => 4.0,
        ];
    }
    $scipy = scipy(PEAKS_BY_SCIPY, $cases);
    foreach ($cases as $i => $case) {
        $screw = new MixtureScrew($case['rich'] > 0, travel: 4.0);
        $curves = CurveBelief::of(runOf($case['readings'], $case['marks']), $screw, $case['full_throttle']);
        $below = array_fill(0, count($scipy[$i]), 0.0);
        foreach ($curves as $curve) {
            $at = (int) round(($curve->peak - 0.125) * 24.0);
            for ($j = $at; $j < count($below); $j++) {
                $below[$j] += $curve->weight;
            }
        }
        $off = max(array_map(static fn (float $a, float $b): float => abs($a - $b), $below, $scipy[$i]));
        // 400 curves stand for all, and bends that came out negative are left away.
        expect($off)->toBeLessThan(0.04, "SEED={$seed} case {$i}")
            ->and(end($below))->toEqualWithDelta(1.0, 1e-9);
    }
});

/** @return callable(float, float): float rpm lost at turns, with the peak there */
function dropsOf(string $shape): callable
{
    return match ($shape) {
        'even in turns' => static fn (float $t, float $p): float => 400.0 * ($t - $p) ** 2,
        'even in their root' => static fn (float $t, float $p): float => 2000.0 * (sqrt($t) - sqrt($p)) ** 2,
        'even in their logarithm' => static fn (float $t, float $p): float => 900.0 * log($t / $p) ** 2,
        default => static fn (float $t, float $p): float => 300.0 * ($t - $p) ** 2 * ($t < $p ? 3.0 : 1.0),
    };
}

it('is not drawn to any axis: over families of shapes the peak is where it is', function (string $shape): void {
    $curve = dropsOf($shape);
    $seed = seed();
    $chance = new Chance(new Randomizer(new Mt19937($seed)));
    $off = [];
    $covered = 0;
    for ($run = 0; $run < 60; $run++) {
        $peak = $chance->between(1.0, 2.2);
        $readings = array_map(
            static fn (float $at): array => [
                round(($peak + $at) * 8.0) / 8.0,
                max(300.0, 1800.0 - $curve(round(($peak + $at) * 8.0) / 8.0, $peak)) + 15.0 * $chance->gaussian(),
            ],
            [-0.75, -0.5, -0.25, 0.0, 0.25, 0.5, 0.75],
        );
        $peaks = static fn (SpeedCurve $c): float => $c->peak;
        $found = RunCurve::through(runOf($readings), new MixtureScrew, $peaks)?->peak();
        $off[] = ($found?->turns ?? INF) - $peak;
        $covered += $found !== null && $found->low <= $peak && $peak <= $found->high ? 1 : 0;
    }
    // Of 60 runs; a parabola in ln turns is off by 0.16 where they are even in turns. See decision 18.
    expect(abs(array_sum($off) / 60.0))->toBeLessThan(0.06, "SEED={$seed}")
        ->and($covered)->toBeGreaterThanOrEqual(55, "SEED={$seed}");
})->with(['even in turns', 'even in their root', 'even in their logarithm', 'steep on the lean side']);

<?php

declare(strict_types=1);

use DustyJet\LeakIsolation\FeasibleTest;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\JointGroup;
use DustyJet\LeakIsolation\Leak;
use DustyJet\LeakIsolation\LeakCase;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\LeakIsolation\PressureTest;
use DustyJet\LeakIsolation\SoapTest;
use DustyJet\LeakIsolation\WeightedFlows;

const BARB = ['barb' => 0.08, 'barb_body' => 0.06, 'pump_gasket' => 0.1, 'pump_diaphragm' => 0.12, 'needle' => 0.25];

const BEHIND = ['pump_gasket', 'pump_diaphragm', 'needle'];

/** @param  list<string>  $joints */
function pressed(string $name, array $joints, string $outcome, ?float $flow = null, ?float $sigma = null): PressureTest
{
    return new PressureTest($name, $joints, 34.47, Outcome::from($outcome), $flow, $sigma);
}

/** @return array<string, float> chance by joint */
function chances(Isolation $isolation): array
{
    return array_column(
        array_map(static fn (Leak $l): array => [$l->joint, $l->probability], $isolation->suspects),
        1,
        0,
    );
}

it('clears needle, gasket and diaphragm when the stub holds, and leaves the barb (common practice)', function (
    ?float $leak,
    ?float $held,
): void {
    $isolation = Isolation::of(new LeakCase(BARB, [
        pressed('inlet', array_keys(BARB), 'leaks', $leak, $leak === null ? null : 0.1),
        pressed('barb off', BEHIND, 'holds', $held, $held === null ? null : 0.1),
    ]));

    expect($isolation->cleared)
        ->toBe(BEHIND)
        ->and(array_map(static fn (Leak $l): string => $l->joint, $isolation->suspects))
        ->toBe(['barb', 'barb_body'])
        ->and($isolation->contradicts)
        ->toBeNull()
        ->and(array_map(static fn (JointGroup $g): array => $g->joints, $isolation->groups))
        ->toBe([['barb', 'barb_body'], BEHIND]);
})->with([[null, null], [3.0, 0.02]]);

it('tells the valve from its press fit: leaks in the body, holds out of it (common practice)', function (): void {
    $joints = ['check_valve' => 0.1, 'press_fit' => 0.05];
    $case = new LeakCase($joints, [
        pressed('in the body', ['check_valve', 'press_fit'], 'leaks'),
        pressed('out of the body', ['check_valve'], 'holds'),
    ]);
    $isolation = Isolation::of($case);

    expect($isolation->suspects[0]->joint)
        ->toBe('press_fit')
        ->and($isolation->suspects[0]->probability)
        ->toBeGreaterThan(0.7)
        ->and($isolation->cleared)
        ->toBe(['check_valve']);
});

it('weighs outcomes alone as a count over every pair does', function (): void {
    $tests = [
        pressed('inlet', array_keys(BARB), 'leaks'),
        pressed('barb off', BEHIND, 'leaks'),
        pressed('needle alone', ['needle'], 'holds'),
        pressed('again', ['pump_gasket', 'needle'], 'keep_watching'),
    ];
    $soap = [new SoapTest('soap', ['barb', 'pump_gasket'], ['pump_gasket'])];
    $names = array_keys(BARB);
    $weights = [];
    for ($bits = 0; $bits < 32; $bits++) {
        $set = array_values(array_filter($names, static fn (string $n): bool => ($bits >> array_search($n, $names, true) & 1) === 1));
        if (count($set) > 2) {
            continue;
        }
        $weight = 1.0;
        foreach (BARB as $joint => $prior) {
            $weight *= in_array($joint, $set, true) ? $prior : 1 - $prior;
        }
        foreach ($tests as $test) {
            $leaks = array_intersect($set, $test->joints) !== [];
            $weight *= match ($test->outcome->value) {
                'leaks' => $leaks ? 0.99 : 0.01,
                'holds' => $leaks ? 0.01 : 0.99,
                default => 1.0,
            };
        }
        $weight *= in_array('barb', $set, true) ? 0.03 : 0.995;
        $weight *= in_array('pump_gasket', $set, true) ? 0.97 : 0.005;
        $weights[$bits] = $weight;
    }
    $found = chances(Isolation::of(new LeakCase(BARB, $tests, $soap)));
    foreach ($found as $joint => $chance) {
        $at = array_search($joint, $names, true);
        $with = array_filter($weights, static fn (int $b): bool => ($b >> $at & 1) === 1, ARRAY_FILTER_USE_KEY);
        expect($chance)->toEqualWithDelta(array_sum($with) / array_sum($weights), 1e-4, $joint);
    }
    expect(array_key_first($found))->toBe('pump_gasket');
});

it('weighs one flow as the integral over every flow does', function (): void {
    // Two joints, one test each: every set of the two by plain numeric integration over half-normal flows.
    $joints = ['a' => 0.2, 'b' => 0.1];
    [$ya, $yb, $s] = [0.9, 0.25, 0.15];
    $case = new LeakCase($joints, [pressed('a', ['a'], 'leaks', $ya, $s), pressed('b', ['b'], 'keep_watching', $yb, $s)]);
    $scale = max(1.0, 1.5 * $ya);
    $normal = static fn (float $y, float $mean): float => exp(-0.5 * (($y - $mean) / $s) ** 2);
    $leaking = static function (float $y) use ($normal, $scale): float {
        $sum = 0.0;
        for ($f = 0.0005; $f < 8.0; $f += 0.001) {
            $sum += $normal($y, $f) * 2.0 / ($scale * sqrt(2 * M_PI)) * exp(-0.5 * ($f / $scale) ** 2) * 0.001;
        }

        return $sum;
    };
    $odds = static fn (float $prior, float $y): float => $prior * $leaking($y) / ((1 - $prior) * $normal($y, 0.0));
    $found = chances(Isolation::of($case));

    // The joints are independent here: the chance of each is its own odds.
    expect($found['a'])
        ->toEqualWithDelta($odds(0.2, $ya) / (1 + $odds(0.2, $ya)), 0.005)
        ->and($found['b'])
        ->toEqualWithDelta($odds(0.1, $yb) / (1 + $odds(0.1, $yb)), 0.02);
});

it('gives each of two leaks its flow, and a group the sum', function (): void {
    $isolation = Isolation::of(new LeakCase(BARB, [
        pressed('inlet', array_keys(BARB), 'leaks', 5.0, 0.1),
        pressed('barb off', BEHIND, 'leaks', 2.0, 0.1),
        pressed('needle alone', ['needle'], 'leaks', 2.0, 0.1),
        pressed('barb clamped', ['barb_body', ...BEHIND], 'leaks', 2.0, 0.1),
    ]));
    [$barb, $needle] = array_map(static fn (Leak $l): array => [$l->joint, $l->flow], array_slice($isolation->suspects, 0, 2));
    if ($barb[0] === 'needle') {
        [$barb, $needle] = [$needle, $barb];
    }

    expect([$barb[0], $needle[0]])
        ->toBe(['barb', 'needle'])
        ->and($barb[1]->best)
        ->toEqualWithDelta(3.0, 0.1)
        ->and($needle[1]->best)
        ->toEqualWithDelta(2.0, 0.1)
        // Three tests of the needle's flow: 1.96 * 0.1 / sqrt(3) each side, with the first test's share in it a little less.
        ->and($needle[1]->high - $needle[1]->low)
        ->toEqualWithDelta(2 * 1.96 * 0.1 / sqrt(3), 0.03);
    $sums = array_column(
        array_map(static fn (JointGroup $g): array => [implode('+', $g->joints), $g->flow->best], $isolation->groups),
        1,
        0,
    );
    expect($sums)
        ->toHaveKeys(['barb', 'barb_body', 'pump_gasket+pump_diaphragm', 'needle'])
        ->and($sums['barb'])
        ->toEqualWithDelta(3.0, 0.1)
        ->and($sums['pump_gasket+pump_diaphragm'])
        ->toEqualWithDelta(0.0, 0.05);
});

it('allows three leaks only where no two fit', function (): void {
    $alone = static fn (float $a, float $b, float $c): array => [
        pressed('1', ['barb'], $a > 0.6 ? 'leaks' : 'holds', $a, 0.05),
        pressed('2', ['pump_gasket'], $b > 0.6 ? 'leaks' : 'holds', $b, 0.05),
        pressed('3', ['needle'], $c > 0.6 ? 'leaks' : 'holds', $c, 0.05),
    ];
    $three = chances(Isolation::of(new LeakCase(BARB, $alone(2.0, 3.0, 1.0))));
    $two = Isolation::of(new LeakCase(BARB, $alone(2.0, 3.0, 0.0)));

    expect(array_slice($three, 0, 3))
        ->toHaveKeys(['barb', 'pump_gasket', 'needle'])
        ->and(min(array_slice($three, 0, 3)))
        ->toBeGreaterThan(0.99)
        ->and($two->cleared)
        ->toContain('needle');
});

it('names the pair that disagrees by more than four standard deviations, and lets neither count', function (
    float $inner,
    ?array $named,
): void {
    $isolation = Isolation::of(new LeakCase(BARB, [
        pressed('whole', array_keys(BARB), 'leaks', 2.0, 0.1),
        pressed('behind', BEHIND, 'leaks', $inner, 0.1),
        pressed('needle', ['needle'], 'holds', 0.0, 0.1),
    ]));

    expect($isolation->contradicts)->toBe($named);
    if ($named !== null) {
        expect(chances($isolation)['barb'])->toEqualWithDelta(0.08, 0.02);
    }
})->with([
    [2.0 + 3.9 * 0.1 * M_SQRT2, null],
    [2.0 + 4.1 * 0.1 * M_SQRT2, ['whole', 'behind']],
]);

it('takes no contradiction from boundaries that only overlap, nor from the outer leaking more', function (): void {
    foreach ([[['barb', 'needle'], 0.0, ['barb', 'pump_gasket'], 5.0], [['barb'], 0.0, ['barb', 'needle'], 5.0]] as $pair) {
        $case = new LeakCase(BARB, [
            pressed('1', $pair[0], 'holds', $pair[1], 0.05),
            pressed('2', $pair[2], 'leaks', $pair[3], 0.05),
        ]);
        expect(Isolation::of($case)->contradicts)->toBeNull();
    }
    $outcomes = [pressed('1', ['barb'], 'leaks'), pressed('2', ['barb', 'needle'], 'holds')];
    expect(Isolation::of(new LeakCase(BARB, $outcomes))->contradicts)->toBe(['1', '2']);
});

it('proposes what tells most for its minutes, and nothing once it is sure', function (): void {
    $dear = new FeasibleTest('needle alone', false, ['needle'], 8.0);
    $cheap = new FeasibleTest('barb off', false, BEHIND, 2.0);
    $tells = new FeasibleTest('the same again', false, array_keys(BARB), 0.1);
    $case = static fn (array $tests): LeakCase => new LeakCase(BARB, $tests, [], [$dear, $tells, $cheap]);
    $first = Isolation::of($case([pressed('inlet', array_keys(BARB), 'leaks', 3.0, 0.1)]))->next;
    expect($first?->test->name)
        ->toBe('barb off')
        // Behind it lies about a third of the odds for the barb: less than a bit, more than half of one.
        ->and($first?->bits)
        ->toBeGreaterThan(0.5)
        ->toBeLessThan(2.0);
    $sure = $case([
        pressed('inlet', array_keys(BARB), 'leaks', 3.0, 0.05),
        pressed('needle', ['needle'], 'leaks', 3.0, 0.05),
        pressed('without', ['barb', 'barb_body', 'pump_gasket', 'pump_diaphragm'], 'holds', 0.0, 0.05),
    ]);
    expect(Isolation::of($sure)->next)->toBeNull();
});

it('expects of a clean look at two equal joints the bits that are reckoned by hand', function (): void {
    // One of two joints leaks, for sure and equally: soap on one shows it in 97 %, and invents in 0.5 %.
    $joints = ['a' => 0.001, 'b' => 0.001];
    $case = new LeakCase(
        $joints,
        [pressed('both', ['a', 'b'], 'leaks', 3.0, 0.01)],
        [],
        [new FeasibleTest('soap', true, ['a'], 1.0)],
    );
    $h = static fn (float $p): float => -$p * log($p, 2) - (1 - $p) * log(1 - $p, 2);
    $expected = $h(0.5 * (0.97 + 0.005)) - 0.5 * $h(0.97) - 0.5 * $h(0.005);

    expect(Isolation::of($case)->next?->bits)->toEqualWithDelta($expected, 0.01);
});

it('expects of a pass or fail the bits that are reckoned by hand', function (): void {
    $case = new LeakCase(
        ['a' => 0.001, 'b' => 0.001],
        [pressed('both', ['a', 'b'], 'leaks'), pressed('again', ['a', 'b'], 'leaks'), pressed('once more', ['a', 'b'], 'leaks')],
        [],
        [new FeasibleTest('one', false, ['a'], 1.0)],
    );
    $h = static fn (float $p): float => -$p * log($p, 2) - (1 - $p) * log(1 - $p, 2);

    expect(Isolation::of($case)->next?->bits)->toEqualWithDelta($h(0.5) - $h(0.01), 0.02);
});

it('says flows at the pressure of the first that was measured', function (): void {
    $at = static fn (float $kpa, float $flow): Isolation => Isolation::of(new LeakCase(BARB, [
        new PressureTest('low', array_keys(BARB), 20.0, Outcome::Leaks, 2.0, 0.1),
        new PressureTest('high', ['needle'], $kpa, Outcome::Leaks, $flow, 0.1),
    ]));
    // A crack's flow goes with the pressure: 4 at 40 kPa is 2 at 20.
    expect($at(40.0, 4.0)->suspects[0]->joint)
        ->toBe('needle')
        ->and($at(40.0, 4.0)->suspects[0]->flow->best)
        ->toEqualWithDelta(2.0, 0.1)
        ->and((new LeakCase(BARB))->kilopascals())
        ->toEqualWithDelta(34.47, 0.01);
});

it('allows three leaks where no two fit what was only seen to leak', function (): void {
    $isolation = Isolation::of(new LeakCase(BARB, [
        pressed('1', ['barb'], 'leaks'),
        pressed('2', ['pump_gasket'], 'leaks'),
        pressed('3', ['needle'], 'leaks'),
    ], [new SoapTest('soap', ['barb', 'pump_gasket'], ['barb', 'pump_gasket'])]));
    $three = array_slice(chances($isolation), 0, 3);

    expect($three)->toHaveKeys(['barb', 'pump_gasket', 'needle'])->and(min($three))->toBeGreaterThan(0.9);
});

it('clears no joint that no test had a say in, however seldom it leaks', function (): void {
    $isolation = Isolation::of(new LeakCase(['a' => 0.3, 'far' => 0.03], [pressed('a', ['a'], 'holds', 0.0, 0.05)]));

    expect($isolation->cleared)
        ->toBe(['a'])
        ->and(array_map(static fn (Leak $l): string => $l->joint, $isolation->suspects))
        ->toBe(['far'])
        // Nor is it in a group: no test was about it.
        ->and(array_map(static fn (JointGroup $g): array => $g->joints, $isolation->groups))
        ->toBe([['a']]);
});

it('asks nothing more once one set is as good as sure, though a test would still tell a little', function (): void {
    $tests = [pressed('both', ['a', 'b'], 'leaks', 3.0, 0.01)];
    $asks = static fn (float $b): ?string => Isolation::of(new LeakCase(
        ['a' => 0.5, 'b' => $b],
        $tests,
        [],
        [new FeasibleTest('b alone', false, ['b'], 1.0)],
    ))->next?->test->name;

    expect($asks(0.002))->toBeNull()->and($asks(0.1))->toBe('b alone');
});

it('takes the middle of what is known between the middles of its weights', function (): void {
    $interval = WeightedFlows::of([10.0, 0.0], [1.0, 1.0])->interval();
    expect($interval->best)
        ->toEqualWithDelta(5.0, 1e-9)
        // Beyond the middles of the outermost there is nothing to go by.
        ->and([$interval->low, $interval->high])
        ->toBe([0.0, 10.0])
        ->and(WeightedFlows::of([2.0, 4.0, 8.0], [1.0, 2.0, 1.0])->interval()->best)
        ->toEqualWithDelta(4.0, 1e-9)
        ->and(WeightedFlows::of([2.0, 4.0], [3.0, 1.0])->interval()->best)
        ->toEqualWithDelta(2.0 + 2.0 * 0.5 / 2.0, 1e-9);
});

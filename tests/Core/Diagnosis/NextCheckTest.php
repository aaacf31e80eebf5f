<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Access;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Belief;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Hypotheses;
use DustyJet\Diagnosis\OpenBench;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\RepairPlan;
use DustyJet\Diagnosis\Repairs;
use DustyJet\Diagnosis\Suspect;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;

/** @return list<list<int>> */
function orders(int $n): array
{
    $orders = [[]];
    for ($i = 0; $i < $n; $i++) {
        $longer = [];
        foreach ($orders as $order) {
            for ($at = 0; $at <= count($order); $at++) {
                $longer[] = [...array_slice($order, 0, $at), $i, ...array_slice($order, $at)];
            }
        }
        $orders = $longer;
    }

    return $orders;
}

/**
 * Expected minutes of one order of repair by the definition: each repair is paid for while the machine is not cured.
 *
 * @param  list<int>  $order
 * @param  array<string, float>  $worlds chance of each set of faults, named like "0,3"
 * @param  list<float>  $minutes
 */
function minutesOf(array $order, array $worlds, array $minutes, float $lastResort): float
{
    $expected = 0.0;
    foreach ($worlds as $world => $chance) {
        $broken = $world === '' ? [-1] : array_map(intval(...), explode(',', (string) $world));
        foreach ($order as $i) {
            if ($broken === []) {
                break;
            }
            $expected += $chance * $minutes[$i];
            $broken = array_values(array_diff($broken, [$i]));
        }
        $expected += $broken === [] ? 0.0 : $chance * $lastResort;
    }

    return $expected;
}

/**
 * @return array{0: Hypotheses, 1: list<float>, 2: list<float>, 3: array<string, float>} hypotheses, weights, minutes,
 *     worlds
 */
function sixFaults(Randomizer $chance, bool $withPairs): array
{
    $u = fn (float $a, float $b): float => $a + (($b - $a) * $chance->getInt(0, 1_000_000)) / 1_000_000;
    $faults = [];
    for ($i = 0; $i < 6; $i++) {
        $faults["f{$i}"] = ['chance' => $u(0.02, 0.3), 'minutes' => $u(3.0, 60.0), 'shows' => ['c1' => 0.9]];
    }
    $catalogue = Knowledge::small($faults, ['c1' => 0.05]);
    $hypotheses = new Hypotheses($catalogue->faults, $catalogue->findings, new Facts);
    $weights = Belief::of($hypotheses, DiagnosisCase::of($catalogue, 'f', new Facts, ['c1' => Answer::Yes]))->weights;
    if (! $withPairs) {
        $weights = Hypotheses::normalised([0.0, ...array_slice($weights, 1, 6), ...array_fill(0, 15, 0.0)]);
    }
    $worlds = [];
    foreach ($weights as $h => $w) {
        $worlds[
            implode(',', array_filter([$hypotheses->first[$h], $hypotheses->second[$h]], fn (int $i): bool => $i >= 0))
        ] = $w;
    }

    return [$hypotheses, $weights, array_map(fn (array $f): float => $f['minutes'], array_values($faults)), $worlds];
}

/**
 * @param  list<float>  $weights
 * @param  list<float>  $minutes
 */
function singly(Hypotheses $hypotheses, array $weights, array $minutes, float $lastResort): RepairPlan
{
    $repairs = Repairs::single($minutes, array_fill(0, count($minutes), 0), $lastResort);

    return RepairPlan::from($hypotheses, $weights, $repairs, new OpenBench([]), 0);
}

it('repairs a single fault in the best order there is', function (int $round): void {
    $seed = (int) (getenv('SEED') ?: 7) + $round;
    [$hypotheses, $weights, $minutes, $worlds] = sixFaults(new Randomizer(new Mt19937($seed)), false);
    $plan = singly($hypotheses, $weights, $minutes, 100000.0);
    $best = min(array_map(fn (array $o): float => minutesOf($o, $worlds, $minutes, 100000.0), orders(6)));

    // Kalagnanam and Henrion (1990): with one fault and perfect repair, chance over cost in falling order is optimal.
    expect($plan->expectedMinutes)
        ->toEqualWithDelta($best, 1e-6 * $best, "SEED={$seed}")
        ->and($plan->expectedMinutes)
        ->toEqualWithDelta(minutesOf($plan->order, $worlds, $minutes, 100000.0), 1e-6 * $best);
})->with(range(1, 8));

it('plans by chance per minute, what is open first, and no further than the last resort', function (
    float $minutesOfB,
    int $open,
    float $minutesOfC,
    float $lastResort,
    array $order,
    float $expected,
): void {
    $one = ['chance' => 0.1, 'minutes' => 10.0, 'shows' => ['c1' => 0.9]];
    $catalogue = Knowledge::small(['a' => $one, 'b' => $one, 'c' => $one], ['c1' => 0.05]);
    $hypotheses = new Hypotheses($catalogue->faults, $catalogue->findings, new Facts);
    $plan = RepairPlan::from(
        $hypotheses,
        [0.0, 0.5, 0.35, 0.15, 0.0, 0.0, 0.0],
        Repairs::single([10.0, $minutesOfB, $minutesOfC], [0, 1, 0], $lastResort),
        new OpenBench($catalogue->access),
        $open,
    );

    // By hand: each repair is paid for while the machine is not cured; b needs five minutes of opening.
    expect($plan->order)
        ->toBe($order)
        ->and($plan->expectedMinutes)
        ->toEqualWithDelta($expected, 1e-9)
        ->and($plan->likeliest)
        ->toBe(0)
        ->and($plan->likeliestChance)
        ->toEqualWithDelta(0.5, 1e-12);
})->with([
    'all closed: 10 + 15 x 0.5 + 10 x 0.15' => [10.0, 0, 10.0, 1000.0, [0, 1, 2], 19.0],
    'cheap, but closed: 10 + 10 x 0.5 + 10 x 0.15' => [5.0, 0, 10.0, 1000.0, [0, 1, 2], 16.5],
    'cheap and open: 5 + 10 x 0.65 + 10 x 0.15' => [5.0, 1, 10.0, 1000.0, [1, 0, 2], 13.0],
    'the last is not worth it: 10 + 15 x 0.5 + 60 x 0.15' => [10.0, 0, 80.0, 60.0, [0, 1], 26.5],
    'nothing is worth it' => [10.0, 0, 10.0, 5.0, [], 5.0],
]);

it('says what is to be opened, in order, and leaves out what is open', function (): void {
    $cover = new Access('cover', 'Take the cover off', 1.0, true, [], 'from memory');
    $bowl = new Access('bowl', 'Take the bowl off', 4.0, false, ['cover'], 'from memory');
    $tank = new Access('tank', 'Drain the tank', 9.0, true, [], 'from memory');
    $bench = new OpenBench(['cover' => $cover, 'bowl' => $bowl, 'tank' => $tank]);
    [$needsBowl, $needsTank] = [$bench->bits(['bowl']), $bench->bits(['tank'])];

    expect($bench->steps($needsBowl, 0))
        ->toBe(['Take the cover off', 'Take the bowl off'])
        ->and($bench->steps($needsBowl, $bench->bits(['cover'])))
        ->toBe(['Take the bowl off'])
        ->and($bench->steps($needsBowl | $needsTank, $needsBowl))
        ->toBe(['Drain the tank'])
        ->and($bench->steps($needsBowl, $needsBowl))
        ->toBe([])
        ->and($bench->missing($needsBowl | $needsTank, $bench->bits(['cover'])))
        ->toBe(13.0)
        ->and($bench->engineCanRun($needsTank | $bench->bits(['cover'])))
        ->toBeTrue()
        ->and($bench->engineCanRun($needsBowl))
        ->toBeFalse()
        ->and($bench->bits(['nothing known']))
        ->toBe(0);
});

it('comes close to exhaustive search where two faults may be there', function (): void {
    $seed = (int) (getenv('SEED') ?: 7);
    $chance = new Randomizer(new Mt19937($seed));
    $ratios = [];
    for ($round = 0; $round < 12; $round++) {
        [$hypotheses, $weights, $minutes, $worlds] = sixFaults($chance, true);
        $plan = singly($hypotheses, $weights, $minutes, 400.0);
        $best = INF;
        foreach (orders(6) as $order) {
            foreach (range(0, 6) as $most) {
                $best = min($best, minutesOf(array_slice($order, 0, $most), $worlds, $minutes, 400.0));
            }
        }
        expect($plan->expectedMinutes)
            ->toBeGreaterThanOrEqual($best - 1e-6, "SEED={$seed} round {$round}")
            ->and($plan->expectedMinutes)
            ->toEqualWithDelta(minutesOf($plan->order, $worlds, $minutes, 400.0), 1e-6 * $best);
        $ratios[] = $plan->expectedMinutes / $best;
    }

    expect(max($ratios))
        ->toBeLessThan(1.03, "SEED={$seed}")
        ->and(array_sum($ratios) / 12)
        ->toBeLessThan(1.005);
});

it('values a check by its definition', function (): void {
    $catalogue = Knowledge::small(
        [
            'cheap' => ['chance' => 0.1, 'minutes' => 10.0, 'shows' => ['c1' => 0.9, 't1' => 0.95]],
            'dear' => ['chance' => 0.1, 'minutes' => 90.0, 'shows' => ['c1' => 0.9]],
        ],
        ['c1' => 0.01, 't1' => 0.02],
        500.0,
    );
    $diagnose = fn (array $answers): Diagnosis => Diagnosis::of(
        $catalogue,
        DiagnosisCase::of($catalogue, 'f', new Facts, ['c1' => Answer::Yes, ...$answers]),
    );
    $before = $diagnose([]);
    $check = array_values(array_filter($before->checks, fn (RankedCheck $c): bool => $c->check->id === 't1_check'))[0];
    $after = 0.0;
    foreach ($check->outcomes as $outcome) {
        $after += $outcome['probability'] * $diagnose($outcome['answers'])->repairMinutes;
    }

    // Heckerman, Breese and Rommelse (1995): ECR now, less the expected ECR after, less the minutes of looking.
    expect($check->gain)
        ->toEqualWithDelta($before->repairMinutes - $after - 1.0, 1e-6)
        ->and(array_sum(array_column($check->outcomes, 'probability')))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($before->expectedMinutes())
        ->toEqualWithDelta($before->repairMinutes - $check->gain, 1e-9);
});

it('stops looking where no answer would pay', function (): void {
    $catalogue = Knowledge::small(
        ['sure' => ['chance' => 0.4, 'minutes' => 5.0, 'shows' => ['c1' => 0.9, 't1' => 0.9]]],
        ['c1' => 0.01, 't1' => 0.02],
        30.0,
    );
    $diagnosis = Diagnosis::of($catalogue, DiagnosisCase::of($catalogue, 'f', new Facts, ['c1' => Answer::Yes]));

    expect($diagnosis->nextCheck())
        ->toBeNull()
        ->and($diagnosis->plan[0]->id)
        ->toBe('sure')
        ->and($diagnosis->expectedMinutes())
        ->toBe($diagnosis->repairMinutes);
});

it('sees that two checks worthless singly may pay together', function (): void {
    // Either check alone leaves the order of repair as it is; only when both are silent does the other fault come
    // first.
    $catalogue = Knowledge::small(
        [
            'likely' => ['chance' => 0.1, 'minutes' => 30.0, 'shows' => ['c1' => 0.9, 't1' => 0.5, 't2' => 0.5]],
            'other' => ['chance' => 0.1, 'minutes' => 60.0, 'shows' => ['c1' => 0.9]],
        ],
        ['c1' => 0.01, 't1' => 0.05, 't2' => 0.05],
        500.0,
    );
    $diagnose = fn (array $unavailable): Diagnosis => Diagnosis::of(
        $catalogue,
        DiagnosisCase::of($catalogue, 'f', new Facts, ['c1' => Answer::Yes], [], $unavailable),
    );
    $together = $diagnose([])->checks[0];

    expect($diagnose(['t2_check'])->nextCheck())
        ->toBeNull()
        ->and($diagnose(['t1_check'])->nextCheck())
        ->toBeNull()
        ->and($together->gain)
        ->toBeGreaterThan(1.0)
        ->and([$together->check->id, $together->togetherWith])
        ->toBe(['t1_check', 't2_check']);
});

it('counts what is open already', function (): void {
    $closed = Knowledge::diagnose('float_pilot_jet', ['runs_only_on_choke' => 'yes']);
    $open = Knowledge::diagnose('float_pilot_jet', ['runs_only_on_choke' => 'yes'], ['bowl_off']);
    $minutes = fn (Diagnosis $d, string $id): float => array_values(
        array_filter($d->checks, fn (RankedCheck $c): bool => $c->check->id === $id),
    )[0]->minutes;

    expect($minutes($closed, 'main_jet_light'))
        ->toBe(8.0)
        ->and($minutes($open, 'main_jet_light'))
        ->toBe(2.0)
        ->and($open->notNow['choke_run'])
        ->toBe('The engine is open.');
});

it('never starts an engine that drips, or has fuel in its oil', function (string $family): void {
    foreach (['fuel_dripping', 'fuel_in_oil', 'vent_weeps_on_bulb'] as $danger) {
        $here = Knowledge::real()->findingsOf(Knowledge::real()->family($family));
        if (! isset($here[$danger])) {
            expect($danger)->not->toBe('fuel_dripping');

            continue;
        }
        foreach ([[], ['hard_to_start' => 'strong'], ['surges' => 'some', 'plug_wet' => 'no']] as $more) {
            foreach (Knowledge::diagnose($family, [$danger => 'yes', ...$more])->checks as $ranked) {
                expect($ranked->check->needs->startsEngine)->toBeFalse("{$family}: {$ranked->check->id} with {$danger}");
            }
        }
    }
})->with(array_keys(Knowledge::real()->families));

it('proposes nothing that cannot be had, and says why', function (): void {
    $diagnosis = Knowledge::diagnose('cube_opposed', ['will_not_start' => 'yes'], [], ['pressure pump', 'spark_test']);
    $ids = array_map(fn (RankedCheck $c): string => $c->check->id, $diagnosis->checks);

    expect($ids)
        ->not->toContain('whole_carb_pressure', 'spark_test', 'throttle_range_run', 'check_valve_alone')
        ->and($diagnosis->notNow['whole_carb_pressure'])
        ->toBe('No pressure pump in the shop.')
        ->and($diagnosis->notNow['throttle_range_run'])
        ->toBe('It does not start.')
        ->and($diagnosis->notNow['check_valve_alone'])
        ->toBe('Only when the check valve leaks in place.');
});

it('puts the cheap looks at the rest of the world before the carburetor', function (string $family): void {
    $first = Knowledge::diagnose($family, ['hard_to_start' => 'strong'], facts: new Facts(fuelAgeDays: 120))->checks[0];

    // By cost, not by order of the list: whatever comes first takes minutes and opens nothing but the air cleaner or
    // the plug.
    expect($first->minutes)
        ->toBeLessThanOrEqual(5.0)
        ->and(array_diff($first->check->needs->access, ['air_cleaner_off', 'plug_out']))
        ->toBe([]);
})->with(array_keys(Knowledge::real()->families));

it('does not look again at what a repair did not touch, and does at what it did', function (): void {
    $diagnosis = Knowledge::diagnose(
        'float_pilot_jet',
        ['will_not_idle' => 'yes', 'pilot_jet_dark' => 'yes', 'fuel_smells_stale' => 'no'],
        ['pilot_circuit_blocked', 'pilot_jet_light'],
    );

    expect($diagnosis->suspects[0]->fault->id)
        ->not->toBe('pilot_circuit_blocked')
        ->and($diagnosis->plan[0]->id ?? '')
        ->not->toBe('pilot_circuit_blocked');
});

it('gives a sensible answer to a case that contradicts itself', function (array $answers): void {
    $diagnosis = Knowledge::diagnose('float_pilot_jet', $answers);
    $sum = 0.0;
    foreach ($diagnosis->suspects as $suspect) {
        expect(is_finite($suspect->probability))->toBeTrue()->and($suspect->probability)->toBeBetween(0.0, 1.0);
        $sum += $suspect->probability;
    }

    expect(is_finite($diagnosis->expectedMinutes()))
        ->toBeTrue()
        ->and($diagnosis->unexplained)
        ->toBeBetween(0.0, 1.0)
        ->and($sum)
        ->toBeLessThanOrEqual(2.0 + 1e-9);
})->with([
    'idle only and wide open only' => [
        [
            'only_at_idle' => 'yes',
            'only_at_full_throttle' => 'yes',
            'better_quarter_in' => 'yes',
            'better_quarter_out' => 'yes',
        ],
    ],
    'nothing said' => [[]],
    'every finding no' => [
        fn (): array => array_map(
            fn () => 'no',
            Knowledge::real()->findingsOf(Knowledge::real()->family('float_pilot_jet')),
        ),
    ],
    'every finding there' => [
        fn (): array => array_map(
            fn () => 'yes',
            Knowledge::real()->findingsOf(Knowledge::real()->family('float_pilot_jet')),
        ),
    ],
]);

it('finds nothing wrong where everything was denied', function (): void {
    $all = array_map(fn () => 'no', Knowledge::real()->findingsOf(Knowledge::real()->family('float_pilot_jet')));
    $diagnosis = Knowledge::diagnose('float_pilot_jet', $all);

    expect($diagnosis->unexplained)->toBeGreaterThan(0.9)->and($diagnosis->checks)->toBe([]);
});

it('names the answers that would put another fault at the top', function (): void {
    $diagnosis = Knowledge::diagnose('float_pilot_jet', ['hard_to_start' => 'strong']);
    $points = $diagnosis->turningPoints();

    expect($points)
        ->not->toBe([])
        ->and($points[0]['probability'])
        ->toBeGreaterThanOrEqual($points[count($points) - 1]['probability']);
    foreach (array_slice($points, 0, 5) as $point) {
        $answered = Knowledge::diagnose('float_pilot_jet', [
            'hard_to_start' => 'strong',
            ...array_map(fn (Answer $a): string => $a->value, $point['answers']),
        ]);
        expect($answered->leader()?->fault->id)
            ->toBe($point['leader'])
            ->not->toBe($diagnosis->leader()?->fault->id);
    }
});

it('knows which check tells most: after it the three likeliest hold the most of what is wrong, on the average', function (): void {
    $catalogue = Knowledge::real();
    $said = ['no_power' => Answer::Strong, 'bogs' => Answer::Yes];
    $case = DiagnosisCase::of($catalogue, 'float_pilot_jet', new Facts(null, null), $said);
    $now = Diagnosis::of($catalogue, $case, 0);
    $most = $now->tellsMost();
    foreach ([$most, ...array_slice($now->checks, 0, 3)] as $ranked) {
        $after = 0.0;
        foreach ($ranked->outcomes as $outcome) {
            $then = DiagnosisCase::of($catalogue, 'float_pilot_jet', $case->facts, [...$said, ...$outcome['answers']]);
            $three = array_slice(Diagnosis::of($catalogue, $then, 0)->suspects, 0, 3);
            $after += $outcome['probability'] * array_sum(array_map(static fn (Suspect $s): float => $s->probability, $three));
        }
        expect($ranked->shortlisted())->toEqualWithDelta($after, 1e-6, $ranked->check->id);
    }
    $bearing = array_filter($now->checks, static fn (RankedCheck $c): bool => $c->bears);

    expect($most->check->id)->not->toBe($now->checks[0]->check->id)
        ->and($most->shortlisted())->toBe(max(array_map(static fn (RankedCheck $c): float => $c->shortlisted(), $bearing)));
});

<?php

declare(strict_types=1);

it('says turns', function (): void {
    expect(jet('turns', '1 3/4', '--json'))->toBe([0, '{"turns":1.75,"text":"1 3/4"}', '']);
});

it('judges a hold test with every key present', function (): void {
    $csv = fileWith(
        "t_s,psi\n"
            .implode(
                "\n",
                array_map(
                    fn (int $t): string => $t.','.number_format(5 * exp(-0.004 * $t), 2),
                    range(0, 60, 2),
                ),
            ),
    );
    [$status, $out] = jet(
        'hold',
        $csv,
        '--volume-ml',
        '18',
        '--limit-ml-min=0.5',
        '--resolution-psi',
        '0.01',
        '--json',
    );
    $result = json_decode($out, true);

    expect($status)
        ->toBe(0)
        ->and(array_keys($result))
        ->toBe([
            'model',
            'settled_from_s',
            'start_kpa',
            'tau_s',
            'plateau_kpa',
            'leak_ml_min',
            'leak_ml_min_low',
            'leak_ml_min_high',
            'hole_um',
            'verdict',
            'watch_more_s',
        ])
        ->and($result['verdict'])
        ->toBe('leaks')
        ->and($result['model'])
        ->toBe('leak')
        ->and($result['plateau_kpa'])
        ->toBeNull()
        // Mass balance by hand: 18 ml, 0.02 psi/s at the start.
        ->and($result['leak_ml_min'])
        ->toEqualWithDelta((18 * 0.02 * 60) / 14.69595, 0.05);
});

it('judges a mixture run with every key present', function (): void {
    $csv = fileWith("turns,rpm\n1,1500\n1 1/4,1650\n1.5,1720\n1.75,1700\n2,1610\n");
    [$status, $out] = jet('mixture', $csv, '--school', 'peak', '--json');

    expect($status)
        ->toBe(0)
        ->and(array_keys(json_decode($out, true)))
        ->toBe([
            'peak_turns',
            'peak_turns_low',
            'peak_turns_high',
            'peak_rpm',
            'recommended_turns',
            'turns_low',
            'turns_high',
            'next_turns',
            'done',
            'stop',
            'reason',
        ]);
    $saw = fileWith("turns,rpm,mark\n1,13200,clean\n");
    $said = static fn (string ...$more): array => json_decode(
        jet('mixture', $saw, '--school', 'flutter', '--json', ...$more)[1], true,
    );
    expect($said()['stop'])->toBeNull()
        ->and($said()['next_turns'])->toBe(1.5)
        ->and($said('--max-rpm', '13000')['stop'])->toBe('over_the_maximum')
        ->and($said('--max-rpm', '13000')['next_turns'])->toBe(1.25);
    // A tachometer that wavers more says less.
    $width = static function (string $sigma) use ($csv): float {
        $said = json_decode(jet('mixture', $csv, '--school', 'peak', '--sigma-rpm', $sigma, '--json')[1], true);

        return $said['turns_high'] - $said['turns_low'];
    };
    expect($width('60'))->toBeGreaterThan(1.3 * $width('5'));
});

it('exits 2 with one clear line on bad input', function (array $arguments, string $says): void {
    [$status, $out, $err] = jet(...$arguments);

    expect($status)->toBe(2)->and($out)->toBe('')->and($err)->toContain($says)->and(substr_count($err, "\n"))->toBe(0);
})->with([
    'nothing' => [[], 'usage'],
    'an unknown command' => [['fly'], 'usage'],
    'turns of 99' => [['turns', '99'], '0 to 20'],
    'no file' => [['hold', '/nowhere.csv', '--volume-ml', '18', '--limit-ml-min', '1'], 'Cannot read'],
    'no volume' => [['hold', __FILE__, '--limit-ml-min', '1'], '--volume-ml'],
    'a volume of nothing' => [['hold', __FILE__, '--volume-ml', '0', '--limit-ml-min', '1'], 'above zero'],
    'an option nobody knows' => [['hold', __FILE__, '--volume', '3'], 'Unknown option'],
    'an option without its value' => [['hold', __FILE__, '--volume-ml'], '--volume-ml'],
    'a file that is no trace' => [['hold', __FILE__, '--volume-ml', '18', '--limit-ml-min', '1'], 'Line 1'],
    'a school that is none' => [['mixture', __FILE__, '--school', 'guess'], 'peak, midpoint or flutter'],
    'a speed no engine has' => [
        ['mixture', __FILE__, '--school', 'flutter', '--max-rpm', '200000'], '--max-rpm must be no more',
    ],
    'a tachometer that never wavers' => [['mixture', __FILE__, '--school', 'peak', '--sigma-rpm', '0'], 'above zero'],
]);

it('diagnoses a case with every key present', function (): void {
    $case = fileWith(
        '{"family":"float_pilot_jet","facts":{"fuel_age_days":200,"stored_days":150},
            "findings":{"runs_only_on_choke":"yes","black_smoke":"no"},
            "done":["air_filter_look"],"unavailable":["spark tester"]}',
    );
    [$status, $out] = jet('diagnose', $case, '--json');
    $result = json_decode($out, true);

    expect($status)
        ->toBe(0)
        ->and(array_keys($result))
        ->toBe(['suspects', 'unexplained', 'next_checks', 'turning_points', 'repair'])
        ->and($result['suspects'][0]['fault'])
        ->toBeIn(['pilot_circuit_blocked', 'main_jet_clogged'])
        ->and($result['suspects'][0]['because'][0]['finding'])
        ->toBe('runs_only_on_choke')
        ->and($result['suspects'][0]['because'][0]['decibans'])
        ->toBeGreaterThan(0)
        ->and(array_keys($result['next_checks'][0]))
        ->toBe(['check', 'minutes', 'gain'])
        ->and($result['next_checks'][0]['gain'])
        ->toBeGreaterThan(0)
        ->and(array_column($result['next_checks'], 'check'))
        ->not->toContain('spark_test', 'air_filter_look')
        ->and($result['repair'])
        ->toBeIn(['main_jet_clogged', 'pilot_circuit_blocked', 'kit']);
});

it('says what is wrong with a case in one line', function (string $text, string $message): void {
    [$status, $out, $err] = jet('diagnose', fileWith($text), '--json');

    expect([$status, $out])
        ->toBe([2, ''])
        ->and($err)
        ->toContain($message)
        ->and(substr_count($err, "\n"))
        ->toBe(0);
})->with([
    ['not json', 'not a JSON object'],
    ['{"family":"steam"}', 'steam'],
    ['{"family":"updraft","findings":{"x\ny":"yes"}}', 'no finding called "x y"'],
    ['{"family":"updraft","facts":{"received_on":"2026-13-01"}}', 'date of the calendar'],
]);

it('lists every name a case may use', function (): void {
    [$status, $out] = jet('knowledge', '--json');
    $names = json_decode($out, true);

    expect($status)
        ->toBe(0)
        ->and($names['families'])
        ->toHaveCount(13)
        ->and($names['findings'])
        ->toContain('runs_only_on_choke', 'black_smoke');
    foreach (
        [
            ...$names['families'],
            ...$names['findings'],
            ...$names['checks'],
            ...$names['faults'],
            ...$names['access'],
            ...$names['flows'],
        ] as $name
    ) {
        expect($name)->toMatch('/^[a-z][a-z0-9_]*$/');
    }
    expect(jet('knowledge')[1])->toContain('runs_only_on_choke');
});

it('prints how a family comes apart and goes together', function (): void {
    [$status, $out] = jet('strip', 'float_side_pump', '--variant', 'fixed_jet', '--json');
    $result = json_decode($out, true);

    expect($status)
        ->toBe(0)
        ->and($result['springs'])
        ->toBe(3)
        ->and($result['strip'])
        ->toHaveCount(30)
        ->and($result['build'])
        ->toHaveCount(28)
        ->and(jet('strip', 'steam')[0])
        ->toBe(2)
        ->and(jet('strip', 'updraft', '--variant', 'x')[0])
        ->toBe(2)
        ->and(jet('strip')[0])
        ->toBe(2);
});

it('reckons a spring with every key present', function (): void {
    $spring = ['spring', '--wire-mm', '0.45', '--coil-mm', '3.2', '--active-coils', '8', '--free-mm', '14',
        '--installed-mm', '9', '--pop-kpa', '89.63', '--json'];
    [$status, $out] = jet(...[...$spring, '--target-kpa', '68.95']);
    $cut = json_decode($out, true);

    expect($status)
        ->toBe(0)
        ->and(array_keys($cut))
        ->toBe(['rate_n_m', 'cut_coils', 'predicted_pop_kpa', 'predicted_low_kpa', 'predicted_high_kpa', 'refused'])
        ->and($cut['rate_n_m'])
        ->toEqualWithDelta(1617.06, 0.01)
        ->and($cut['cut_coils'])
        ->toBe(1.5)
        ->and($cut['predicted_low_kpa'])
        ->toBeLessThan($cut['predicted_pop_kpa'])
        ->and($cut['refused'])
        ->toBeNull();
    [$status, $out] = jet(...[...$spring, '--target-kpa', '95', '--material=stainless_302', '--ends', 'plain']);
    $refused = json_decode($out, true);

    expect($status)
        ->toBe(0)
        ->and($refused['rate_n_m'])
        ->toEqualWithDelta(1617.06 * 69.0 / 82.7, 0.01)
        ->and($refused['refused'])
        ->toBe('target_above_present')
        ->and($refused['cut_coils'])
        ->toBeNull();
});

it('isolates a leak from a file, with every key', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'leak');
    file_put_contents($file, (string) json_encode([
        'joints' => ['barb' => 0.08, 'needle' => 0.25],
        'tests' => [
            ['name' => 'inlet', 'kind' => 'pressure', 'joints' => ['barb', 'needle'], 'pressure_kpa' => 34.5,
                'outcome' => 'leaks', 'flow_ml_min' => 3.0, 'sigma_ml_min' => 0.1],
        ],
        'feasible' => [['name' => 'needle alone', 'kind' => 'pressure', 'joints' => ['needle'], 'minutes' => 5]],
    ]));
    [$status, $out] = jet('isolate', $file, '--json');
    $result = json_decode($out, true);
    unlink($file);

    expect($status)
        ->toBe(0)
        ->and(array_keys($result))
        ->toBe(['suspects', 'cleared', 'groups', 'next_test', 'contradicts'])
        ->and(array_keys($result['suspects'][0]))
        ->toBe(['joint', 'probability', 'flow_ml_min', 'low_ml_min', 'high_ml_min'])
        ->and($result['suspects'][0]['joint'])
        ->toBe('needle')
        ->and($result['groups'][0]['joints'])
        ->toBe(['barb', 'needle'])
        ->and($result['next_test']['name'])
        ->toBe('needle alone')
        ->and($result['contradicts'])
        ->toBe([])
        ->and(jet('isolate')[0])
        ->toBe(2)
        ->and(jet('isolate', '/no/such/file')[0])
        ->toBe(2);
});

it('finds the pops of a trace, in the clock of its file', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'pop');
    $lines = array_map(
        static fn (int $i): string => sprintf('%.1f,%.2f', 100 + $i / 10, $i % 40 < 25 ? 8 + 0.08 * ($i % 40) : 7.9),
        range(0, 130),
    );
    file_put_contents($file, "t_s,psi\n".implode("\n", $lines));
    [$status, $out] = jet('popoff', $file, '--json');
    $result = json_decode($out, true);
    unlink($file);

    expect($status)
        ->toBe(0)
        ->and(array_keys($result))
        ->toBe(['pops', 'mean_pop_kpa', 'mean_reseat_kpa', 'spread_kpa', 'enough'])
        ->and(count($result['pops']))
        ->toBe(3)
        ->and($result['pops'][0]['t_s'])
        ->toEqualWithDelta(102.45, 0.051)
        ->and($result['mean_pop_kpa'])
        ->toEqualWithDelta(9.96 * 6.894757, 0.4)
        ->and($result['mean_reseat_kpa'])
        ->toEqualWithDelta(7.9 * 6.894757, 0.2)
        ->and($result['enough'])
        ->toBeTrue();
});

it('reckons a lever and a float', function (): void {
    expect(jet('lever', '--measured-mm', '1.4', '--target-mm', '1.0', '--tolerance-mm', '0.1', '--sign', 'down', '--json'))
        ->toBe([0, '{"error_mm":0.4,"verdict":"low","bend_tab_mm":0.4,"effect":"lean"}', ''])
        ->and(jet('float', '--front-mm', '15', '--rear-mm', '15', '--length-mm', '40', '--json'))
        ->toBe([0, '{"tilt_deg":0,"height_error_mm":0}', '']);
    $valve = ['float', '--mass-g', '4', '--arm-float-mm', '30', '--arm-tang-mm', '8', '--seat-mm', '1.6', '--json'];
    $air = json_decode(jet(...$valve)[1], true);
    $fuel = json_decode(jet(...[...$valve, '--volume-ml', '12', '--submerged', '0.6', '--test-kpa', '80'])[1], true);

    expect(array_keys($air))
        ->toBe(['air_test_close_kpa', 'air_test_is_fair'])
        ->and($air['air_test_is_fair'])
        ->toBeTrue()
        ->and(array_keys($fuel))
        ->toBe(['air_test_close_kpa', 'air_test_is_fair', 'shut_off_kpa', 'margin_over_head'])
        ->and($fuel['air_test_is_fair'])
        ->toBeFalse()
        ->and($fuel['margin_over_head'])
        ->toBeGreaterThan(1.0);
});

it('answers a wrong measure with one line and exit 2', function (array $arguments, string $said): void {
    [$status, $out, $err] = jet(...$arguments);

    expect([$status, $out])
        ->toBe([2, ''])
        ->and($err)
        ->toContain($said)
        ->and(substr_count($err, "\n"))
        ->toBe(0);
})->with([
    [['lever', '--measured-mm', 'low'], '--measured-mm must be a number, "low" was given.'],
    [['lever', '--measured-mm', '1e99'], '--measured-mm must be a number'],
    [['lever', '--measured-mm', '1', '--target-mm', '1', '--tolerance-mm', '0', '--sign', 'left'], '--sign must be down or up'],
    [['lever', 'here', '--measured-mm', '1'], 'usage: jet'],
    [['float', '--front-mm', '1'], '--rear-mm is needed'],
    [['float', '--mass-g', '4', '--arm-float-mm', '30', '--arm-tang-mm', '8', '--seat-mm', '0'], 'The seat of the float cannot be 0'],
    [['float', '--mass-g', '4', '--arm-float-mm', '30', '--arm-tang-mm', '8', '--seat-mm', '1.6', '--volume-ml', '9'], '--submerged is needed'],
    [['spring', '--wire-mm', '5', '--coil-mm', '3.2', '--active-coils', '8', '--free-mm', '14', '--installed-mm', '9',
        '--pop-kpa', '90', '--target-kpa', '70'], 'over twice the wire'],
    [['spring', '--wire-mm', '0.45', '--coil-mm', '3.2', '--active-coils', '8', '--free-mm', '14', '--installed-mm', '9',
        '--pop-kpa', '-90', '--target-kpa', '70'], '--pop-kpa must be a number above zero'],
    [['spring', '--wire-mm', '0.45', '--ends', 'round'], '--coil-mm is needed'],
]);

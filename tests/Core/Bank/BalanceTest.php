<?php

declare(strict_types=1);

use DustyJet\Bank\Balance;
use DustyJet\Bank\Bank;
use DustyJet\Bank\BankJson;
use DustyJet\Bank\Move;
use DustyJet\Bank\Noise;
use DustyJet\Bank\Reading;
use DustyJet\Bank\Sensitivity;
use DustyJet\Bank\UnusableBank;
use DustyJet\Engine\BankOnEngine;
use DustyJet\Engine\RandomBank;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\Weather;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Engine\Engines;

/** @param  list<array{0: Move|null, 1: array<string, list<float>>}>  $readings */
function bankOf(array $readings, float $tolerance = 0.5, float $step = 0.1, string $reference = 'c3'): Bank
{
    return new Bank(
        array_keys($readings[0][1]),
        $reference,
        array_map(static fn (array $r): Reading => new Reading(...$r), $readings),
        $tolerance,
        $step,
    );
}

/** @return array<string, mixed> a bank read after a move */
function moved(mixed $move): array
{
    return ['readings' => [['after_move' => $move, 'vacuum_inhg' => ['c1' => [1], 'c2' => [1]]]]];
}

it('fits each screw as SciPy fits the same weighted line', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $cases = $found = [];
    for ($i = 0; $i < 40; $i++) {
        $turns = 0.0;
        $points = $readings = [];
        for ($k = 0, $n = $chance->getInt(2, 9); $k < $n; $k++) {
            $by = $chance->getInt(1, 4) / 32.0 * ($chance->getInt(0, 1) * 2 - 1);
            $move = $k === 0 ? null : new Move($chance->getInt(0, 2) > 0 ? 'c1' : 'c2', $by);
            $turns += $move?->carburetor === 'c1' ? $move->turns : 0.0;
            $vacuum = [];
            foreach (['c1', 'c2', 'c3'] as $c) {
                $vacuum[$c] = array_map(static fn (): float => 10.0 + $chance->getInt(0, 40) / 10.0, range(1, $chance->getInt(1, 5)));
            }
            $readings[] = [$move, $vacuum];
            $mean = static fn (string $c): float => array_sum($vacuum[$c]) / count($vacuum[$c]);
            $points[] = [$turns, $mean('c1') - $mean('c3')];
        }
        $bank = bankOf($readings);
        $noise = Noise::of($bank);
        $s = Sensitivity::of($bank, $noise, 'c1');
        $weights = array_map(
            static fn (Reading $r, int $k): float => 0.9 ** ($n - 1 - $k) / $noise->ofGap($r, 'c1', 'c3'),
            $bank->readings,
            range(0, $n - 1),
        );
        $cases[] = ['x' => array_column($points, 0), 'y' => array_column($points, 1), 'w' => $weights, 'now' => $turns];
        $found[] = [$s->gap, $s->u, $s->inhgPerTurn];
    }
    $scipy = scipy(<<<'PY'
    import json, sys
    import numpy as np
    out = []
    for c in json.load(sys.stdin):
        x, y, w = np.array(c['x']) - c['now'], np.array(c['y']), np.array(c['w'])
        if np.ptp(x) == 0:
            out.append([float(np.average(y, weights=w)), float(w.sum() ** -0.5), None])
            continue
        a = np.vstack([np.ones_like(x), x]).T * np.sqrt(w)[:, None]
        beta = np.linalg.lstsq(a, y * np.sqrt(w), rcond=None)[0]
        out.append([float(beta[0]), float(np.linalg.inv(a.T @ a)[0, 0] ** 0.5), float(beta[1])])
    print(json.dumps(out))
    PY, $cases);
    foreach ($found as $i => $values) {
        expect($values)->toEqualWithDelta($scipy[$i], 1e-6, "SEED={$seed} {$i}");
    }
});

it('takes the swing between blips for noise, and the step of the gauge with it', function (): void {
    $bank = bankOf([[null, ['c1' => [10.0, 10.4], 'c3' => [12.0]]]]);

    // 4 supposed readings at 0.15, one degree of freedom seen: (4 x 0.0225 + 0.08) / 5 = 0.034.
    expect(Noise::of($bank)->ofGap($bank->latest(), 'c1', 'c3'))->toEqualWithDelta(0.034 / 2.0 + 0.034 + 2.0 * 0.01 / 12.0, 1e-12);
});

it('tries a sixteenth first, opening what stands too high, the largest gap first', function (): void {
    $balance = Balance::of(bankOf([[null, ['c1' => [12.0, 12.0], 'c2' => [9.0, 9.0], 'c3' => [10.5, 10.5]]]]));
    $other = Balance::of(bankOf([[null, ['c1' => [12.5, 12.5], 'c2' => [9.5, 9.5], 'c3' => [10.5, 10.5]]]]));

    expect($other->next)->toEqual(new Move('c1', 0.0625))
        ->and($balance->next)->toEqual(new Move('c1', 0.0625))
        ->and($balance->reason)->toBe('1.5 inHg above c3; a sixteenth shows which way this screw works.')
        ->and($balance->spreadInhg)->toEqualWithDelta(3.0, 1e-9)
        ->and($balance->sensitivity)->toBe(['c1' => null, 'c2' => null])
        ->and(Balance::of(bankOf([[null, ['c1' => [8.0], 'c3' => [10.5]]]]))->next)->toEqual(new Move('c1', -0.0625));
});

it('goes seven tenths of the way, in thirty-seconds, an eighth at most, the way it learned', function (float $per, float $gap, float $turns): void {
    $high = array_fill(0, 5, 10.5 + $gap - 0.125 * $per);
    $now = array_fill(0, 5, 10.5 + $gap);
    $flat = array_fill(0, 5, 10.5);
    $balance = Balance::of(bankOf([
        [null, ['c1' => $high, 'c3' => $flat]],
        [new Move('c1', 0.125), ['c1' => $now, 'c3' => $flat]],
    ], step: 0.02));

    expect($balance->sensitivity['c1'])->toEqualWithDelta($per, 1e-9)
        ->and($balance->next?->turns)->toEqualWithDelta($turns, 1e-9)
        ->and($balance->isDone())->toBeFalse();
})->with([
    'opens' => [-8.0, 0.8, 0.0625],
    'opens, too low' => [-8.0, -0.8, -0.0625],
    'shuts' => [8.0, 0.8, -0.0625],
    'far off' => [-8.0, 3.0, 0.125],
    'far off the other way' => [8.0, 3.0, -0.125],
    'nearly' => [-40.0, 0.8, 0.03125],
]);

it('tries an eighth the likelier way while it is not clear', function (): void {
    $balance = Balance::of(bankOf([
        [null, ['c1' => [12.0], 'c3' => [10.5]]],
        [new Move('c1', 0.0625), ['c1' => [12.1], 'c3' => [10.5]]],
    ]));

    // It went up a little: so out is the likelier way down.
    expect($balance->next)->toEqual(new Move('c1', -0.125))
        ->and($balance->reason)->toContain('not clear yet')
        ->and($balance->sensitivity['c1'])->toBeNull();
});

it('takes a screw to work as the others of its bank do', function (): void {
    $flat = array_fill(0, 5, 10.5);
    $at = static fn (float $v): array => array_fill(0, 5, $v);
    $balance = Balance::of(bankOf([
        [null, ['c1' => $at(12.0), 'c2' => $at(13.0), 'c3' => $flat]],
        [new Move('c1', 0.125), ['c1' => $at(13.0), 'c2' => $at(13.0), 'c3' => $flat]],
        [new Move('c1', -0.125), ['c1' => $at(12.0), 'c2' => $at(13.0), 'c3' => $flat]],
    ]));

    expect($balance->next)->toEqual(new Move('c2', -0.0625));
});

it('is done when every gap is surely within tolerance, and says why', function (): void {
    $at = static fn (float $v): array => array_fill(0, 5, $v);
    $near = Balance::of(bankOf([[null, ['c1' => $at(10.6), 'c2' => $at(10.4), 'c3' => $at(10.5)]]]));
    $unsure = Balance::of(bankOf([[null, ['c1' => [10.95], 'c3' => [10.5]]]]));
    $coarse = Balance::of(bankOf([[null, ['c1' => $at(10.5), 'c3' => $at(10.5)]]], tolerance: 0.2, step: 1.0));
    $within = Balance::of(bankOf([[null, ['c1' => $at(10.0), 'c3' => $at(10.5)]]], tolerance: 0.5, step: 0.5));
    $beyond = Balance::of(bankOf([[null, ['c1' => $at(9.0), 'c3' => $at(10.5)]]], tolerance: 0.5, step: 0.5));
    $between = Balance::of(bankOf([
        [null, ['c1' => $at(10.0), 'c3' => $at(10.5)]],
        [new Move('c1', 0.03125), ['c1' => $at(11.3), 'c3' => $at(10.5)]],
        [new Move('c1', -0.03125), ['c1' => $at(10.0), 'c3' => $at(10.5)]],
    ], tolerance: 0.3, step: 0.02));

    expect([$near->isDone(), $near->next])->toBe([true, null])
        ->and($near->reason)->toBe('Every carburetor is within tolerance of the reference.')
        ->and($unsure->isDone())->toBeFalse()
        ->and([$within->reason, $beyond->isDone()])->toBe(['As near as this gauge can resolve.', false])
        ->and($coarse->reason)->toBe('As near as this gauge can resolve.')
        ->and($between->isDone())->toBeTrue()
        ->and($between->reason)->toBe('The last gap lies between two thirty-seconds of a turn: leave it.');
});

it('balances banks on virtual engines, whichever way the screws work', function (): void {
    $seed = seed();
    $balanced = 0;
    for ($i = 0; $i < 14; $i++) {
        $chance = new Randomizer(new Mt19937($seed + $i));
        $names = array_slice(['c1', 'c2', 'c3', 'c4', 'c5', 'c6'], 0, $chance->getInt(2, 6));
        $bank = RandomBank::of($chance, count($names));
        $read = static function (?Move $after) use (&$bank, $names, $chance): Reading {
            $swings = static fn (float $v): array => array_map(
                static fn (): float => round(10.0 * ($v + $chance->getInt(-20, 20) / 100.0)) / 10.0,
                range(1, 4),
            );

            return new Reading($after, array_combine($names, array_map($swings, $bank->idles()['vacuum_inhg'])));
        };
        $readings = [$read(null)];
        for ($moves = 0; $moves < 60; $moves++) {
            $next = Balance::of(new Bank($names, 'c1', $readings))->next;
            if ($next === null) {
                break;
            }
            expect(abs($next->turns))->toBeBetween(0.03125, 0.125, "SEED={$seed} {$i}")
                ->and(fmod(abs($next->turns), 0.03125))->toBe(0.0)
                ->and($next->carburetor)->not->toBe('c1');
            $bank = $bank->turned((int) array_search($next->carburetor, $names, true), $next->turns);
            $readings[] = $read($next);
        }
        $truth = $bank->idles()['vacuum_inhg'];
        $worst = max(array_map(static fn (float $v): float => abs($v - $truth[0]), $truth));
        $balanced += $worst <= 0.5 ? 1 : 0;
    }

    expect($balanced)->toBeGreaterThanOrEqual(12, "SEED={$seed}");
});

it('opens a plate: its own vacuum falls, the others rise with the speed', function (): void {
    $well = Engines::random(3, Stroke::Two);
    $bank = new BankOnEngine([$well->engine, $well->engine, $well->engine]);
    $before = $bank->idles([$well->idle, $well->idle, $well->idle], Weather::standard());
    $after = $bank->idles([$well->idle->at(1.05 * $well->idle->throttleDeg), $well->idle, $well->idle], Weather::standard());

    expect($before['rpm'])->toEqualWithDelta($well->idleRpm, 1.0)
        ->and($before['vacuum_inhg'][0])->toEqualWithDelta($before['vacuum_inhg'][2], 1e-9)
        ->and($after['rpm'])->toBeGreaterThan($before['rpm'])
        ->and($after['vacuum_inhg'][0])->toBeLessThan($before['vacuum_inhg'][0])
        ->and($after['vacuum_inhg'][1])->toBeGreaterThan($before['vacuum_inhg'][1])
        ->and($bank->idles(array_fill(0, 3, new Setting(5.0, 0.0, 0.0)), Weather::standard()))
        ->toBe(['rpm' => 0.0, 'vacuum_inhg' => []]);
});

it('is no bank with one cylinder, or with settings for another', function (callable $make): void {
    $make();
})->with([
    [fn () => new BankOnEngine([Engines::saw()])],
    [fn () => (new BankOnEngine([Engines::saw(), Engines::saw()]))->idles([Engines::random(3, Stroke::Two)->idle], Weather::standard())],
])->throws(UnusableEngine::class);

it('names the field of a bank that cannot be', function (array $changes, string $says): void {
    $all = [
        'tolerance_inhg' => 0.5, 'step_inhg' => 0.1, 'reference' => 'c2', 'carburetors' => ['c1', 'c2'],
        'readings' => [['after_move' => null, 'vacuum_inhg' => ['c1' => [10.0], 'c2' => [11.0]]]],
    ];
    expect(static fn () => BankJson::parse((string) json_encode([...$all, ...$changes])))->toThrow(UnusableBank::class, $says);
})->with([
    [['carburetors' => ['c2']], 'carburetors must be from 2 to 6 different names'],
    [['carburetors' => ['c2', 'c2']], 'carburetors must be from 2 to 6 different names'],
    [['carburetors' => ['a', 'b', 'c', 'd', 'e', 'f', 'c2']], 'carburetors must be'],
    [['carburetors' => []], 'carburetors must be a list of at least one'],
    [['carburetors' => [1, 2]], 'carburetors must be a name'],
    [['reference' => 'c9'], 'reference must be one of the carburetors'],
    [['reference' => null], 'reference must be a name'],
    [['tolerance_inhg' => 0], 'tolerance_inhg must be a number from 0.01 to 10'],
    [['step_inhg' => -1], 'step_inhg must be a number from 0 to 5'],
    [['step_inhg' => 'fine'], 'step_inhg must be a number'],
    [['readings' => []], 'readings must be a list of at least one'],
    [['readings' => [['vacuum_inhg' => ['c1' => [10.0], 'c2' => [11.0], 'c7' => [9.0]]]]], 'readings.0.vacuum_inhg must be of the carburetors'],
    [['readings' => [['vacuum_inhg' => ['c1' => [10.0]]]]], 'readings.0.vacuum_inhg.c2 must be from 1 to 5 values'],
    [['readings' => [['vacuum_inhg' => ['c1' => [1, 2, 3, 4, 5, 6], 'c2' => [1]]]]], 'readings.0.vacuum_inhg.c1 must be from 1 to 5'],
    [['readings' => [['vacuum_inhg' => ['c1' => [200_000], 'c2' => [1]]]]], 'readings.0.vacuum_inhg.c1 must be a number from 0 to 30'],
    [['readings' => [['vacuum_inhg' => ['c1' => ['x'], 'c2' => [1]]]]], 'readings.0.vacuum_inhg.c1 must be a number'],
    [['readings' => [[]]], 'readings.0 must be a move and a vacuum'],
    [moved(['carburetor' => 'c2', 'turns' => 0.1]), 'readings.0.after_move.carburetor must be one with a screw'],
    [moved(['carburetor' => 'c1', 'turns' => 9]), 'readings.0.after_move.turns must be a number from -2 to 2'],
    [moved(['carburetor' => 'c1']), 'readings.0.after_move.turns must be a number'],
    [moved(3), 'readings.0.after_move must be null or a move'],
    [['rpm' => 1], 'rpm must be left out: no such field'],
]);

it('reads no bank where there is none', function (string $json): void {
    BankJson::parse($json);
})->with(['', 'null', '[]', '[1]', '"x"', '{'])->throws(UnusableBank::class);

it('says the next move on the command line, and what is wrong in a line', function (): void {
    $state = [
        'reference' => 'c3', 'carburetors' => ['c1', 'c2', 'c3'],
        'readings' => [['after_move' => null, 'vacuum_inhg' => ['c1' => [12, 12.1], 'c2' => [10.4, 10.5], 'c3' => [10.5, 10.4]]]],
    ];
    [$status, $out] = jet('sync', fileWith((string) json_encode($state)), '--json');
    $bad = jet('sync', fileWith((string) json_encode([...$state, 'carburetors' => ['c3']])));

    expect($status)->toBe(0)
        ->and(json_decode($out, true))->toEqualWithDelta([
            'next' => ['carburetor' => 'c1', 'turns' => 0.0625], 'done' => false,
            'reason' => '1.6 inHg above c3; a sixteenth shows which way this screw works.', 'spread_inhg' => 1.6,
            'sensitivity' => ['c1' => null, 'c2' => null],
        ], 1e-9)
        ->and($bad)->toBe([2, '', 'carburetors must be from 2 to 6 different names.']);
});

it('takes carburetors that are numbered', function (): void {
    $state = [
        'reference' => '2', 'carburetors' => ['0', '1', '2'],
        'readings' => [['after_move' => null, 'vacuum_inhg' => (object) ['0' => [12.0], '1' => [10.5], '2' => [10.5]]]],
    ];
    [$status, $out] = jet('sync', fileWith((string) json_encode($state)), '--json');
    [$plain, $lines] = jet('sync', fileWith((string) json_encode($state)));

    expect([$status, $plain])->toBe([0, 0])
        ->and(json_decode($out, true)['next'])->toBe(['carburetor' => '0', 'turns' => 0.0625])
        ->and($out)->toContain('"sensitivity":{"0":null,"1":null}')
        ->and($lines)->toContain('a sixteenth shows which way');
});

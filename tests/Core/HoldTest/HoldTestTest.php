<?php

declare(strict_types=1);

use DustyJet\HoldTest\HoldModel;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\HoldTest\TraceCsv;
use DustyJet\HoldTest\Verdict;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use Random\Engine\Mt19937;
use Random\Randomizer;

function judged(ScriptedLeak $leak, array $seconds, float $limit = 0.5, int $seed = 5): DustyJet\HoldTest\HoldResult
{
    return HoldTest::judge(
        $leak->trace($seconds, new Randomizer(new Mt19937($seed))),
        $leak->rig,
        Limits::ofLeak(Flow::ofMillilitresPerMinute($limit)),
    );
}

function rig(float $millilitres = 18.0): Rig
{
    return new Rig(Volume::ofMillilitres($millilitres));
}

it('finds a leak with its interval, for every shape, pressure and vacuum', function (
    LeakShape $shape,
    bool $isVacuum,
): void {
    $truth = 3.0;
    $result = judged(
        new ScriptedLeak(
            rig(),
            $shape,
            Flow::ofMillilitresPerMinute($truth),
            startPsi: $isVacuum ? 7.4 : 5.0,
            isVacuum: $isVacuum,
            noisePsi: 0.01,
            stepPsi: 0.02,
        ),
        range(0, 60),
    );

    expect($result->verdict)
        ->toBe(Verdict::Leaks)
        ->and($result->model)
        ->toBe(HoldModel::Leak)
        ->and($result->leak->best->inMillilitresPerMinute())
        ->toEqualWithDelta($truth, 0.2)
        ->and($result->leak->low->inMillilitresPerMinute())
        ->toBeLessThan($result->leak->best->inMillilitresPerMinute())
        ->and($result->leak->high->inMillilitresPerMinute())
        ->toBeGreaterThan($result->leak->best->inMillilitresPerMinute())
        ->and($result->start->isVacuum())
        ->toBe($isVacuum);
})
    ->with(LeakShape::cases())
    ->with([false, true]);

it('does not count settling as a leak', function (): void {
    $result = judged(
        new ScriptedLeak(
            rig(),
            LeakShape::Linear,
            Flow::ofMillilitresPerMinute(0.0),
            settlingPsi: 0.5,
            settlingSeconds: 3.0,
            noisePsi: 0.008,
            stepPsi: 0.02,
        ),
        range(0, 90),
    );

    expect($result->verdict)
        ->toBe(Verdict::Holds)
        ->and($result->settledFrom->inSeconds())
        ->toBeGreaterThan(6.0)
        ->toBeLessThan(20.0)
        ->and($result->start->inPsi())
        ->toEqualWithDelta(5.0, 0.03)
        ->and($result->leak->hole)
        ->toBeNull();
});

it('says where a needle holds below', function (): void {
    $result = judged(
        new ScriptedLeak(
            rig(),
            LeakShape::Linear,
            Flow::ofMillilitresPerMinute(1.0),
            noisePsi: 0.01,
            stepPsi: 0.02,
            sealsBelowPsi: 3.2,
            plateauTauSeconds: 25.0,
        ),
        range(0, 120),
    );

    expect($result->verdict)
        ->toBe(Verdict::HoldsBelow)
        ->and($result->plateau?->inPsi())
        ->toEqualWithDelta(3.2, 0.05)
        ->and($result->tau?->inSeconds())
        ->toEqualWithDelta(25.0, 3.0);
});

it('does not take a sharp-hole leak for a plateau', function (int $seed): void {
    $result = judged(
        new ScriptedLeak(
            rig(),
            LeakShape::Orifice,
            Flow::ofMillilitresPerMinute(7.0),
            settlingPsi: 0.3,
            noisePsi: 0.015,
            stepPsi: 0.05,
        ),
        range(0, 80),
        seed: $seed,
    );

    expect($result->verdict)->toBe(Verdict::Leaks);
})->with([1, 2, 3, 4]);

it('keeps watching when a coarse gauge cannot decide yet, and says how long', function (): void {
    $result = judged(
        new ScriptedLeak(rig(), LeakShape::Linear, Flow::ofMillilitresPerMinute(0.35), noisePsi: 0.02, stepPsi: 0.5),
        range(0, 40, 8),
    );

    expect($result->verdict)
        ->toBe(Verdict::KeepWatching)
        ->and($result->watchMore?->inSeconds())
        ->toBeGreaterThan(0.0)
        ->toBeLessThanOrEqual(1800.0);
});

it('judges a drop only with its volume: 0.5 psi in 60 s on 8, 18 and 60 ml rigs', function (
    float $millilitres,
    float $flow,
): void {
    // Worked values of the mass balance: 0.27, 0.61 and 2.04 ml/min.
    $readings = array_map(fn (int $t): array => [(float) $t, 5.0 - (0.5 * $t) / 60], range(0, 60, 5));
    $trace = DustyJet\HoldTest\PressureTrace::of($readings, DustyJet\Quantity\PressureUnit::Psi, false, 0.001);
    $result = HoldTest::judge($trace, rig($millilitres), Limits::ofLeak(Flow::ofMillilitresPerMinute(0.5)));

    expect($result->leak->best->inMillilitresPerMinute())->toEqualWithDelta($flow, 0.06 * $flow);
})->with([[8.0, 0.27], [18.0, 0.61], [60.0, 2.04]]);

it('carries the volume and the room into the interval', function (): void {
    $leak = new ScriptedLeak(
        rig(),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(2.0),
        noisePsi: 0.01,
        stepPsi: 0.02,
    );
    $trace = $leak->trace(range(0, 60), new Randomizer(new Mt19937(3)));
    $limit = Flow::ofMillilitresPerMinute(0.5);
    $width = fn ($r): float => $r->leak->high->inMillilitresPerMinute() - $r->leak->low->inMillilitresPerMinute();
    $known = HoldTest::judge($trace, rig(), Limits::ofLeak($limit));
    $vague = HoldTest::judge($trace, new Rig(Volume::ofMillilitres(18), 0.1), Limits::ofLeak($limit));
    $warming = HoldTest::judge($trace, rig(), new Limits($limit, DustyJet\HoldTest\GravityHead::typical(), 2.0));

    expect($width($vague))
        ->toBeGreaterThan($width($known) + 0.5)
        ->and($width($warming))
        ->toBeGreaterThan($width($known) + 0.2);
});

it('agrees whether a long trace is binned or not', function (): void {
    $leak = new ScriptedLeak(
        rig(),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(0.4),
        settlingPsi: 0.2,
        noisePsi: 0.05,
        stepPsi: 0.02,
    );
    $long = $leak->readings(array_map(fn (int $i): float => $i * 0.5, range(0, 1199)), new Randomizer(new Mt19937(11)));
    $limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(0.5));
    $whole = fn (array $r) => HoldTest::judge(
        DustyJet\HoldTest\PressureTrace::of($r, DustyJet\Quantity\PressureUnit::Psi, false, 0.02),
        rig(),
        $limits,
    );
    $binned = $whole($long);
    $thinned = $whole(
        array_values(array_filter($long, fn (array $r, int $i): bool => $i % 4 === 0, ARRAY_FILTER_USE_BOTH)),
    );

    // 1,200 readings go in as bins; every fourth, 300 of them, go in whole: the answers lie within each other's
    // intervals.
    expect($binned->verdict)
        ->toBe($thinned->verdict)
        ->and($binned->leak->best->inMillilitresPerMinute())
        ->toBeGreaterThan($thinned->leak->low->inMillilitresPerMinute())
        ->toBeLessThan($thinned->leak->high->inMillilitresPerMinute());
});

it('agrees with SciPy on a generated trace', function (): void {
    $leak = new ScriptedLeak(
        rig(),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(2.5),
        noisePsi: 0.02,
        stepPsi: 0.001,
    );
    $readings = $leak->readings(array_map(floatval(...), range(0, 120)), new Randomizer(new Mt19937(21)));
    $script = <<<'PY'
    import json, sys
    import numpy as np
    from scipy.optimize import curve_fit
    t, y = np.array(json.load(sys.stdin)).T
    (p0, k), _ = curve_fit(lambda t, p0, k: p0 * np.exp(-k * t), t, y, p0=[5, 0.01])
    print(json.dumps([p0 * k]))
    PY;
    $process = proc_open(['/usr/bin/python3', '-c', $script], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
    fwrite($pipes[0], (string) json_encode($readings));
    fclose($pipes[0]);
    $scipy = json_decode((string) stream_get_contents($pipes[1]), true);
    expect(proc_close($process))->toBe(0, 'the Debian package python3-scipy must be installed');
    $result = HoldTest::judge(
        DustyJet\HoldTest\PressureTrace::of($readings, DustyJet\Quantity\PressureUnit::Psi, false, 0.001),
        rig(),
        Limits::ofLeak(Flow::ofMillilitresPerMinute(0.5)),
    );
    $psiPerSecond = $scipy[0] * ($result->start->inPsi() / 5.0);

    // SciPy knows no settling, so its rate is that of the whole trace: within the interval here, and within two per
    // cent.
    expect(
        Flow::fromPressureChange(Volume::ofMillilitres(18), $psiPerSecond * 6894.757)->inMillilitresPerMinute(),
    )->toEqualWithDelta($result->leak->best->inMillilitresPerMinute(), 0.05);
});

it('gives the same answer for the same trace, every time', function (): void {
    $csv
        = "t_s,psi\n"
        .implode("\n", array_map(fn (int $t): string => $t.','.number_format(5 - 0.01 * $t, 2), range(0, 60, 3)));
    $once = HoldTest::judge(TraceCsv::parse($csv), rig(), Limits::ofLeak(Flow::ofMillilitresPerMinute(0.5)));
    $again = HoldTest::judge(TraceCsv::parse($csv), rig(), Limits::ofLeak(Flow::ofMillilitresPerMinute(0.5)));

    expect($again)->toEqual($once);
});

it('draws the fit again from what was stored', function (): void {
    $result = judged(
        new ScriptedLeak(rig(), LeakShape::Orifice, Flow::ofMillilitresPerMinute(3.0), settlingPsi: 0.3),
        range(0, 60),
    );
    $stored = json_decode((string) json_encode($result->fitted->toArray()), true);

    expect(DustyJet\HoldTest\FittedTrace::fromArray($stored)->at([0.0, 30.0]))->toEqualWithDelta(
        $result->fitted->at([0.0, 30.0]),
        1e-6,
    );
});

it('widens by the room as a warming gas does: P dT/T over the test, whatever the sign', function (
    float $kelvin,
    bool $isVacuum,
): void {
    $readings = array_map(fn (int $t): array => [(float) $t, 5.0 - 0.004 * $t], range(0, 60, 2));
    $trace = DustyJet\HoldTest\PressureTrace::of($readings, DustyJet\Quantity\PressureUnit::Psi, $isVacuum, 0.001);
    $limit = Flow::ofMillilitresPerMinute(0.5);
    $half = static fn (Limits $l): float => HoldTest::judge($trace, rig(), $l)->leak->high->inMillilitresPerMinute()
        - HoldTest::judge($trace, rig(), $l)->leak->best->inMillilitresPerMinute();
    $still = $half(Limits::ofLeak($limit));
    $drifting = $half(new Limits($limit, DustyJet\HoldTest\GravityHead::typical(), $kelvin));
    // 18 ml of P/T dT in a minute, at 101.325 kPa: (101.325 + 34.47) / 101.325 * 18 / 293.15 ml/min per K.
    $absolute = 101.325 + ($isVacuum ? -1.0 : 1.0) * 34.4738;
    $expected = 1.96 * abs($kelvin) * 18.0 * $absolute / 101.325 / 293.15;

    expect(sqrt($drifting ** 2 - $still ** 2))->toEqualWithDelta($expected, 0.03 * $expected);
})->with([[2.0, false], [-2.0, false], [2.0, true]]);

it('asks to be watched no longer than half an hour more, and never less than twenty seconds', function (): void {
    $readings = array_map(fn (int $t): array => [(float) $t, 5.0 - 0.0028 * $t], range(0, 40, 4));
    $asked = [];
    foreach ([0.02, 0.1, 0.5, 2.0] as $step) {
        $trace = DustyJet\HoldTest\PressureTrace::of(
            array_map(fn (array $r): array => [$r[0], round($r[1] / $step) * $step], $readings),
            DustyJet\Quantity\PressureUnit::Psi,
            false,
            $step,
        );
        $result = HoldTest::judge($trace, rig(), Limits::ofLeak(Flow::ofMillilitresPerMinute(0.25)));
        $asked[] = $result->watchMore?->inSeconds() ?? 0.0;
    }
    $more = array_values(array_filter($asked));

    expect($more)
        ->not->toBe([])
        ->and(min($more))
        ->toBeGreaterThanOrEqual(20.0)
        ->and(max($more))
        ->toBeGreaterThan(60.0)
        ->toBeLessThanOrEqual(1800.0);
});

it('names no plateau that was not watched one and a half of its time constants', function (): void {
    $needle = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(0.0),
        settlingPsi: 0.0,
        noisePsi: 0.004,
        stepPsi: 0.01,
        sealsBelowPsi: 4.0,
        plateauTauSeconds: 60.0,
    );
    $judged = static fn (int $seconds): Verdict => HoldTest::judge(
        $needle->trace(array_map(floatval(...), range(0, $seconds)), new Randomizer(new Mt19937(7))),
        $needle->rig,
        Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
    )->verdict;

    expect($judged(80))->not->toBe(Verdict::HoldsBelow)->and($judged(200))->toBe(Verdict::HoldsBelow);
});

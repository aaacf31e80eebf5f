<?php

declare(strict_types=1);

use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\HoldTest\Verdict;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\Volume;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * A small share of what bin/bench scores: enough to notice when the verdicts go wrong, with a seed that is printed.
 */

function judgeLeak(ScriptedLeak $leak, array $seconds, Randomizer $chance, float $limit = 0.6): HoldResult
{
    return HoldTest::judge(
        $leak->trace($seconds, $chance),
        $leak->rig,
        Limits::ofLeak(Flow::ofMillilitresPerMinute($limit)),
    );
}

it('is hardly ever wrong by a factor of two, on any gauge', function (float $step): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $uniform = fn (float $a, float $b): float => $a + (($b - $a) * $chance->getInt(0, 1_000_000)) / 1_000_000;
    $wrong = 0;
    for ($i = 0; $i < 24; $i++) {
        $truth = $i % 2 === 0 ? $uniform(0.0, 0.3) : $uniform(1.2, 6.0);
        $leak = new ScriptedLeak(
            new Rig(Volume::ofMillilitres(18.0)),
            LeakShape::cases()[$chance->getInt(0, 2)],
            Flow::ofMillilitresPerMinute($truth),
            settlingPsi: $uniform(0.0, 0.4),
            settlingSeconds: $uniform(1.0, 5.0),
            noisePsi: $uniform(0.005, 0.03),
            stepPsi: $step,
        );
        $verdict = judgeLeak($leak, range(0, 90, 3), $chance)->verdict;
        $wrong += $truth < 0.6 && $verdict === Verdict::Leaks ? 1 : 0;
        $wrong += $truth > 0.6 && $verdict === Verdict::Holds ? 1 : 0;
    }

    expect($wrong)->toBe(0, "SEED={$seed}");
})->with([0.02, 0.1, 0.25, 0.5]);

it('narrows the interval the longer it watches', function (): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(0.5),
        noisePsi: 0.01,
        stepPsi: 0.1,
    );
    $width = function (int $seconds) use ($leak): float {
        $result = judgeLeak($leak, range(0, $seconds, 5), new Randomizer(new Mt19937(2)));

        return $result->leak->high->inMillilitresPerMinute() - $result->leak->low->inMillilitresPerMinute();
    };

    expect($width(60))->toBeGreaterThan($width(180))->and($width(180))->toBeGreaterThan($width(600));
});

it('decides a borderline trace after the time it asked for', function (float $truth): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute($truth),
        noisePsi: 0.01,
        stepPsi: 0.5,
    );
    $first = judgeLeak($leak, range(0, 40, 8), new Randomizer(new Mt19937(3)));
    expect($first->verdict)->toBe(Verdict::KeepWatching);
    $asked = (int) ($first->watchMore?->inSeconds() ?? 0.0);

    // The asking is an expectation, not a promise: four times it is ample.
    $second = judgeLeak($leak, range(0, 40 + 4 * $asked + 64, 8), new Randomizer(new Mt19937(3)));
    expect($second->verdict)->toBe($truth > 0.6 ? Verdict::Leaks : Verdict::Holds);
})->with([0.3, 0.9]);

it('says the same in psi and in kPa', function (): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Orifice,
        Flow::ofMillilitresPerMinute(2.0),
        noisePsi: 0.01,
        stepPsi: 0.02,
    );
    $readings = $leak->readings(range(0, 60, 2), new Randomizer(new Mt19937(6)));
    $inKpa = array_map(fn (array $r): array => [$r[0], $r[1] * 6.894757293168361], $readings);
    $limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6));
    $psi = HoldTest::judge(PressureTrace::of($readings, PressureUnit::Psi, false, 0.02), $leak->rig, $limits);
    $kpa = HoldTest::judge(
        PressureTrace::of($inKpa, PressureUnit::Kilopascal, false, 0.02 * 6.894757293168361),
        $leak->rig,
        $limits,
    );

    expect($kpa->leak->best->inMillilitresPerMinute())
        ->toEqualWithDelta($psi->leak->best->inMillilitresPerMinute(), 1e-6)
        ->and($kpa->verdict)
        ->toBe($psi->verdict);
});

it('does not care when the clock was started', function (): void {
    $readings = array_map(fn (int $t): array => [(float) $t, round(5 - 0.02 * $t, 2)], range(0, 60, 5));
    $later = array_map(fn (array $r): array => [$r[0] + 1000.0, $r[1]], $readings);
    $limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6));
    $rig = new Rig(Volume::ofMillilitres(18.0));
    $judge = fn (array $r): float => HoldTest::judge(
        PressureTrace::of($r, PressureUnit::Psi, false, 0.01),
        $rig,
        $limits,
    )->leak->best->inMillilitresPerMinute();

    expect($judge($later))->toEqualWithDelta($judge($readings), 1e-9);
});

it('scales with the rig: twice the volume, twice the flow', function (): void {
    $readings = array_map(fn (int $t): array => [(float) $t, round(5 - 0.015 * $t, 2)], range(0, 60, 4));
    $trace = PressureTrace::of($readings, PressureUnit::Psi, false, 0.01);
    $limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6));
    $at = fn (float $ml): float => HoldTest::judge(
        $trace,
        new Rig(Volume::ofMillilitres($ml)),
        $limits,
    )->leak->best->inMillilitresPerMinute();

    expect($at(36.0) / $at(18.0))->toEqualWithDelta(2.0, 1e-9);
});

it('gives an answer for any readings that pass the door', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    for ($i = 0; $i < 60; $i++) {
        $n = $chance->getInt(4, 14);
        $readings = [];
        $t = 0.0;
        for ($k = 0; $k < $n; $k++) {
            $t += $chance->getInt(1, 400) / 10.0;
            $readings[] = [$t, $chance->getInt(0, 100) / 10.0];
        }
        $readings[0][1] = 5.0;
        $trace = PressureTrace::of($readings, PressureUnit::Psi, $chance->getInt(0, 1) === 1, 0.1);
        $result = HoldTest::judge(
            $trace,
            new Rig(Volume::ofMillilitres(18.0)),
            Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
        );
        foreach ([$result->leak->best, $result->leak->low, $result->leak->high] as $flow) {
            expect(is_finite($flow->inMillilitresPerMinute()))->toBeTrue("SEED={$seed} round {$i}");
        }
        expect($result->leak->low->inMillilitresPerMinute() <= $result->leak->high->inMillilitresPerMinute())->toBeTrue(
            "SEED={$seed} round {$i}",
        );
    }
});

it('answers readings of a vacuum that rise and fall wildly, whose fit begins beyond a perfect one', function (): void {
    $readings = [[17.0, 5.0], [26.2, 7.4], [61.2, 10.0], [71.5, 6.3], [73.0, 1.7]];
    $result = HoldTest::judge(
        PressureTrace::of($readings, PressureUnit::Psi, true, 0.1),
        new Rig(Volume::ofMillilitres(18.0)),
        Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
    );
    expect(is_finite($result->leak->best->inMillilitresPerMinute()))->toBeTrue();
});

it('names a plateau as SciPy does', function (): void {
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute(1.0),
        noisePsi: 0.02,
        stepPsi: 0.001,
        sealsBelowPsi: 3.4,
        plateauTauSeconds: 20.0,
    );
    $readings = $leak->readings(array_map(floatval(...), range(0, 150)), new Randomizer(new Mt19937(31)));
    $script = <<<'PY'
    import json, sys
    import numpy as np
    from scipy.optimize import curve_fit
    t, y = np.array(json.load(sys.stdin)).T
    model = lambda t, floor, drop, tau: floor + drop * np.exp(-t / tau)
    (floor, drop, tau), _ = curve_fit(model, t, y, p0=[3, 2, 30])
    print(json.dumps([floor, tau]))
    PY;
    $process = proc_open(['/usr/bin/python3', '-c', $script], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
    fwrite($pipes[0], (string) json_encode($readings));
    fclose($pipes[0]);
    [$floor, $tau] = json_decode((string) stream_get_contents($pipes[1]), true);
    expect(proc_close($process))->toBe(0, 'the Debian package python3-scipy must be installed');
    $result = HoldTest::judge(
        PressureTrace::of($readings, PressureUnit::Psi, false, 0.001),
        new Rig(Volume::ofMillilitres(18.0)),
        Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)),
    );

    expect($result->verdict)
        ->toBe(Verdict::HoldsBelow)
        ->and($result->plateau?->inPsi())
        ->toEqualWithDelta($floor, 0.01)
        ->and($result->tau?->inSeconds())
        ->toEqualWithDelta($tau, 1.0);
});

<?php

declare(strict_types=1);

use DustyJet\Air\IsentropicFlow;
use DustyJet\Engine\EngineJson;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\TaperNeedle;
use DustyJet\Engine\Throat;
use DustyJet\Engine\VirtualEngine;
use DustyJet\Engine\Weather;
use DustyJet\Quantity\AbsolutePressure;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Engine\Engines;

/** The whole model once more, in Python, from its equations: SciPy finds the roots. */
const ENGINE_AGAIN = <<<'PY'
import json, math, sys
from scipy.optimize import brentq

R, GAMMA, RHO_F, G = 287.05, 1.4, 745.0, 9.80665
CRIT = (2 / (GAMMA + 1)) ** (GAMMA / (GAMMA - 1))

def psi(r):
    r = min(1.0, max(CRIT, r))
    return math.sqrt(max(0.0, 2 * GAMMA / (GAMMA - 1) * (r ** (2 / GAMMA) - r ** ((GAMMA + 1) / GAMMA))))

def needle(x, b, d):
    s, c = math.sin(b), math.cos(b)
    full = math.pi * d * d / 4
    return full if x >= d / (2 * s * c) else min(full, math.pi * x * s * (d - x * s * c))

def flows(e, s, n):
    pa, t = s['kpa'] * 1000, s['celsius'] + 273.15
    rho, cd = pa / (R * t), e['discharge_coefficient']
    bore = cd * math.pi * (e['throttle_bore_mm'] / 1000) ** 2 / 4
    at = bore * (1 - math.cos(math.radians(s['deg']))) + e['leak_area_mm2'] * 1e-6
    av = cd * math.pi * (e['venturi_mm'] / 1000) ** 2 / 4
    ac = bore * max(0.03, 1 - s['choke'])
    a = (1 / at ** 2 + 1 / av ** 2 + 1 / ac ** 2) ** -0.5
    vd, rev = e['displacement_cc'] * 1e-6, 1 if e['stroke'] == 2 else 2
    drawn = lambda r: e['volumetric_efficiency'] * r * pa * vd * n / (60 * rev * R * t)
    let_in = lambda r: a * pa / math.sqrt(R * t) * psi(r)
    r = brentq(lambda r: let_in(r) - drawn(r), 1e-6, 1.0, xtol=1e-15, rtol=1e-14)
    m = drawn(r)
    vacuum = pa * (1 - r)
    choke = m * m / (2 * rho * ac ** 2)
    main = m * m / (2 * rho * av ** 2) + choke - RHO_F * G * e['nozzle_head_mm'] / 1000
    idle = e['idle_signal'] * vacuum + choke - RHO_F * G * e['idle_head_mm'] / 1000
    high = needle(s['H'] * e['needle_pitch_mm'], math.radians(e['needle_half_angle_deg']), e['high_bore_mm']) + e['fixed_high_mm2']
    low = needle(s['L'] * e['needle_pitch_mm'], math.radians(e['low_half_angle_deg']), e['low_bore_mm'])
    if e['dependent']:
        low = (1 / low ** 2 + 1 / high ** 2) ** -0.5
    fuel = lambda area, dp: e['fuel_coefficient'] * area * 1e-6 * math.sqrt(2 * RHO_F * max(0.0, dp))
    f = [fuel(high, main), fuel(low, idle)]
    phi = 14.7 * sum(f) / m
    w = e['lean_width'] if phi < 1.13 else e['rich_width']
    ratio = max(0.0, 1 - ((phi - 1.13) / w) ** 2)
    k = n / 1000
    fmep = 1000 * sum(c * k ** i for i, c in enumerate(e['fmep_kpa']))
    pumping = vacuum * vd * n / (60 * rev) * (0.3 if e['stroke'] == 2 else 1)
    spare = m * 43e6 / 14.7 * e['indicated_efficiency'] * ratio - fmep * vd * n / (60 * rev) - pumping - e['load_w_per_krpm3'] * k ** 3
    return spare, [n, phi, r * pa / 1000, m * 1000, f[0] * 1000, f[1] * 1000]

def steady(e, s):
    spare = lambda n: flows(e, s, n)[0]
    n = e['max_rpm']
    if spare(n) > 0:
        return flows(e, s, n)[1]
    while n > 210:
        if spare(n - 10) > 0:
            return flows(e, s, brentq(spare, n - 10, n, xtol=1e-9))[1]
        n -= 10
    return [0, None, None, None, None, None]

print(json.dumps([steady(e, s) for e, s in json.load(sys.stdin)]))
PY;

it('runs as its equations, written a second time in Python, say', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $u = static fn (float $a, float $b): float => $a + ($b - $a) * $chance->getInt(0, 1000) / 1000.0;
    $cases = $found = [];
    for ($i = 0; $i < 24; $i++) {
        $well = Engines::random($seed + $i, $i % 2 === 0 ? Stroke::Two : Stroke::Four);
        $at = [
            'deg' => $i % 3 === 0 ? $well->idle->throttleDeg * $u(0.95, 1.3) : $u(15.0, 85.0),
            'H' => $well->full->highTurns * $u(0.6, 1.6),
            'L' => $well->full->lowTurns * $u(0.7, 1.4),
            'choke' => $i % 5 === 0 ? $u(0.0, 0.5) : 0.0,
            'kpa' => $u(80.0, 103.0),
            'celsius' => $u(-5.0, 35.0),
        ];
        $setting = new Setting($at['deg'], $at['H'], $at['L'], $at['choke']);
        $weather = Weather::of(AbsolutePressure::ofPascals(1000.0 * $at['kpa']), $at['celsius']);
        $running = $well->engine->steady($setting, $weather);
        $flows = $running->flows;
        $cases[] = [EngineJson::of($well), $at];
        $found[] = $running->isStalled() ? [0.0] : [
            $running->rpm, $flows->phi(), $flows->manifoldPa / 1000.0, 1000.0 * $flows->airKgS, 1000.0 * $flows->mainKgS,
            1000.0 * $flows->idleKgS,
        ];
    }
    $again = scipy(ENGINE_AGAIN, $cases);
    $ran = 0;
    foreach ($found as $i => $values) {
        foreach ($values as $j => $value) {
            expect($value)->toEqualWithDelta((float) $again[$i][$j], 1e-6 * max(1.0, abs($value)), "SEED={$seed} {$i}.{$j}");
        }
        $ran += $values[0] > 0.0 ? 1 : 0;
    }
    expect($ran)->toBeGreaterThan(8, "SEED={$seed}");
});

it('lets in what it draws, to a part in a thousand million', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $weather = Weather::standard();
    for ($i = 0; $i < 40; $i++) {
        $well = Engines::random($seed + $i, $i % 2 === 0 ? Stroke::Two : Stroke::Four);
        $throat = $well->engine->throat->leaking(0.0, $chance->getInt(0, 300) / 100.0);
        $engine = new VirtualEngine($well->engine->cylinder, $throat, $well->engine->circuits);
        $setting = $well->full->at($chance->getInt(1, 90));
        $rpm = (float) $chance->getInt(500, 12_000);
        $flows = $engine->flows($rpm, $setting, $weather);
        $through = Throat::inSeries($throat->throttle($setting->throttleDeg), $throat->venturi(), $throat->choke(0.0));
        $by = IsentropicFlow::function($flows->manifoldPa / $weather->pascals) * $weather->pascals / $weather->speed;
        $drawn = $engine->cylinder->volumetricEfficiency * $flows->manifoldPa / $weather->speed ** 2
            * $engine->cylinder->sweeps($rpm);

        expect(($through + $throat->vacuumLeak()) * $by / $flows->airKgS)->toEqualWithDelta(1.0, 1e-9, "SEED={$seed} {$i}")
            ->and($drawn / $flows->airKgS)->toEqualWithDelta(1.0, 1e-9, "SEED={$seed} {$i}")
            ->and($throat->vacuumLeak() * $by)->toEqualWithDelta($flows->leakKgS, 1e-9 * $flows->airKgS, "SEED={$seed} {$i}");
    }
});

// A reference study of these equations, 46 cc two-stroke at full throttle; its L needle was not told.
it('tops out lean of where a saw must be left, as the study of these equations does', function (): void {
    $engine = Engines::saw();
    $rpm = [];
    foreach (['0.75' => 6900, '1' => 12_500, '1.25' => 13_500, '1.5' => 13_200, '1.75' => 12_300, '2' => 11_000, '2.5' => 7300] as $h => $study) {
        $running = $engine->steady(new Setting(80.0, (float) $h, 1.0), Weather::standard());
        $rpm[$h] = $running->rpm;
        expect($running->rpm / $study)->toEqualWithDelta(1.0, 0.05, "H {$h}");
    }
    expect(array_search(max($rpm), $rpm, true))->toBe('1.25');
});

it('opens a taper needle by the ring between edge and cone: SciPy integrates and looks for the narrowest', function (): void {
    $cases = [[0.635, 10.0, 0.9, 1.25], [0.5, 4.0, 0.4, 1.0], [0.8, 20.0, 1.5, 1.75], [0.7, 6.0, 0.55, 0.25]];
    $areas = scipy(<<<'PY'
    import json, math, sys
    from scipy.integrate import quad
    from scipy.optimize import minimize_scalar
    out = []
    for pitch, deg, d, turns in json.load(sys.stdin):
        x, b = pitch * turns, math.radians(deg)
        ring = quad(lambda s: 2 * math.pi * (d / 2 - s * math.cos(b)), 0, x * math.sin(b))[0]
        # The cone's surface r(z) = d/2 - (x - z) tan b, z below the edge; slant from the edge to it.
        def slant(z):
            r = d / 2 - (x - z) * math.tan(b)
            return math.pi * (d / 2 + r) * math.hypot(d / 2 - r, z)
        out.append([ring, minimize_scalar(slant, bounds=(0, x), method='bounded').fun])
    print(json.dumps(out))
    PY, $cases);
    foreach ($cases as $i => [$pitch, $degrees, $bore, $turns]) {
        $area = (new TaperNeedle($pitch, $degrees, $bore))->area($turns);
        expect($area)->toEqualWithDelta($areas[$i][0], 1e-9)
            // The narrowest slant is a hair narrower than the one square to the cone.
            ->and($area / $areas[$i][1])->toEqualWithDelta(1.0, 0.02);
    }
    $needle = new TaperNeedle(0.635, 10.0, 0.9);
    expect($needle->area(0.0))->toBe(0.0)->and($needle->area(12.0))->toEqualWithDelta(M_PI * 0.81 / 4.0, 1e-12);
});

it('opens a throttle, a choke and a filter as plates in series', function (): void {
    $throat = new Throat(20.0, 16.0, 0.8, 0.5);
    $bore = 0.8 * M_PI * 1e-4;

    expect($throat->throttle(0.0))->toEqualWithDelta(0.5e-6, 1e-15)
        ->and($throat->throttle(60.0))->toEqualWithDelta(0.5 * $bore + 0.5e-6, 1e-12)
        ->and($throat->throttle(90.0))->toEqualWithDelta($bore + 0.5e-6, 1e-12)
        ->and($throat->venturi())->toEqualWithDelta(0.64 * $bore, 1e-12)
        ->and($throat->choke(0.0))->toEqualWithDelta($bore, 1e-12)
        ->and($throat->choke(0.4))->toEqualWithDelta(0.6 * $bore, 1e-12)
        ->and($throat->choke(1.0))->toEqualWithDelta(0.03 * $bore, 1e-12)
        ->and($throat->leaking(0.0, 0.0, 0.5)->choke(0.0))->toEqualWithDelta($bore / sqrt(5.0), 1e-12)
        ->and($throat->leaking(1.0, 2.0)->throttle(0.0))->toEqualWithDelta(1.5e-6, 1e-15)
        ->and($throat->leaking(1.0, 2.0)->vacuumLeak())->toEqualWithDelta(2e-6, 1e-15)
        ->and(Throat::inSeries(3.0, 4.0))->toEqualWithDelta(2.4, 1e-12)
        ->and(Throat::inSeries(3.0, 0.0))->toBe(0.0);
});

it('stalls without air, races without a load, and says neither for the other', function (): void {
    $saw = Engines::saw();
    $shut = new VirtualEngine($saw->cylinder, new Throat(17.0, 13.5, 0.8, 0.0), $saw->circuits);
    $stalled = $shut->steady(new Setting(0.0, 1.0, 1.0), Weather::standard());
    $racing = (new VirtualEngine($saw->cylinder->giving(0.5, 0.0), $saw->throat, $saw->circuits))
        ->steady(new Setting(80.0, 1.25, 1.0), Weather::standard());

    expect([$stalled->rpm, $stalled->isStalled(), $stalled->isOverSpeed(), $stalled->flows->phi()])->toBe([0.0, true, false, 0.0])
        ->and([$racing->rpm, $racing->isStalled(), $racing->isOverSpeed()])->toBe([17_000.0, false, true]);
});

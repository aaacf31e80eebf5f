<?php

declare(strict_types=1);

use DustyJet\Engine\EngineFault;
use DustyJet\Engine\EngineJson;
use DustyJet\Engine\Setting;
use DustyJet\Engine\Stroke;
use DustyJet\Engine\UnusableEngine;
use DustyJet\Engine\Weather;
use DustyJet\Quantity\AbsolutePressure;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Engine\Engines;

/** @param  array<string, mixed>  $changes null takes a field out */
function engineJson(array $changes = []): string
{
    $all = [...EngineJson::of(Engines::random(7, Stroke::Two)), ...$changes];

    return (string) json_encode(array_filter($all, static fn (mixed $v): bool => $v !== null));
}

it('names the field of an engine that cannot be', function (array $changes, string $says): void {
    expect(static fn () => EngineJson::parse(engineJson($changes)))->toThrow(UnusableEngine::class, $says);
})->with([
    [['venturi_mm' => 40.0, 'throttle_bore_mm' => 20.0], 'venturi_mm must be at most throttle_bore_mm, 40 in 20'],
    [['displacement_cc' => -46], 'displacement_cc must be from 5 to 3000, -46 was given'],
    [['displacement_cc' => 1e9], 'displacement_cc'],
    [['discharge_coefficient' => 0], 'discharge_coefficient'],
    [['volumetric_efficiency' => 0], 'volumetric_efficiency'],
    [['indicated_efficiency' => 2], 'indicated_efficiency'],
    [['leak_area_mm2' => -1], 'leak_area_mm2'],
    [['fmep_kpa' => [1, 2]], 'fmep_kpa must be a list of three numbers'],
    [['fmep_kpa' => [1, 2, 'x']], 'fmep_kpa must be a list of three numbers'],
    [['fmep_kpa' => [1, -2, 3]], 'fmep_kpa.1'],
    [['fmep_kpa' => 5], 'fmep_kpa'],
    [['fmep_kpa' => null], 'fmep_kpa is missing'],
    [['load_w_per_krpm3' => -1], 'load_w_per_krpm3'],
    [['max_rpm' => 200_000], 'max_rpm must be from 500 to 40000, 200000 was given'],
    [['max_rpm' => 0], 'max_rpm'],
    [['needle_pitch_mm' => 0], 'needle_pitch_mm'],
    [['needle_half_angle_deg' => 90], 'needle_half_angle_deg'],
    [['high_bore_mm' => 0], 'bore_mm'],
    [['low_bore_mm' => '0.5'], 'low_bore_mm must be a number'],
    [['fixed_high_mm2' => -0.1], 'fixed_high_mm2'],
    [['idle_signal' => 2], 'idle_signal'],
    [['nozzle_head_mm' => 1000], 'nozzle_head_mm'],
    [['idle_head_mm' => null], 'idle_head_mm is missing'],
    [['fuel_coefficient' => 0], 'fuel_coefficient'],
    [['lean_width' => 0], 'lean_width'],
    [['rich_width' => 0], 'rich_width'],
    [['inertia_kg_m2' => 0], 'inertia_kg_m2'],
    [['stroke' => 3], 'stroke must be 2 or 4'],
    [['stroke' => '2'], 'stroke must be 2 or 4'],
    [['stroke' => null], 'stroke is missing'],
    [['dependent' => 1], 'dependent must be true or false'],
    [['dependent' => null], 'dependent is missing'],
    [['turbo' => 1], 'No engine has the field turbo'],
]);

it('reads no engine where there is none', function (string $json): void {
    EngineJson::parse($json);
})->with(['', 'null', '[]', '[1,2]', '"x"', '{"stroke":', '{}'])->throws(UnusableEngine::class);

it('takes what may be left out for what it says it is', function (): void {
    $engine = EngineJson::parse(engineJson([
        'lean_width' => null, 'rich_width' => null, 'inertia_kg_m2' => null, 'low_half_angle_deg' => null, 'healthy' => null,
    ]));

    expect([$engine->cylinder->leanWidth, $engine->cylinder->richWidth])->toBe([0.45, 0.75])
        ->and($engine->cylinder->inertia())->toEqualWithDelta(1.5e-5 * $engine->cylinder->displacementCc, 1e-12)
        ->and($engine->circuits->low->halfAngleDeg)->toBe($engine->circuits->high->halfAngleDeg);
});

it('refuses screws, plates, air and faults that cannot be, by name', function (callable $make, string $says): void {
    expect($make)->toThrow(UnusableEngine::class, $says);
})->with([
    [fn () => new Setting(91.0, 1.0, 1.0), 'throttle_deg'],
    [fn () => new Setting(-1.0, 1.0, 1.0), 'throttle_deg'],
    [fn () => new Setting(80.0, -0.5, 1.0), 'H must be'],
    [fn () => new Setting(80.0, 1.0, 13.0), 'L must be'],
    [fn () => new Setting(80.0, NAN, 1.0), 'H must be from 0 to 12, no number was given'],
    [fn () => new Setting(80.0, 1.0, 1.0, 1.5), 'choke'],
    [fn () => Weather::of(AbsolutePressure::ofPascals(1000.0), 20.0), 'pressure_kpa'],
    [fn () => Weather::of(AbsolutePressure::standardAtmosphere(), 90.0), 'temperature_c'],
    [fn () => EngineFault::named('main_jet_clogged', 1.5), 'fault main_jet_clogged must be from 0 to 1'],
    [fn () => EngineFault::named('gremlins', 0.5), 'fault must be one of main_jet_clogged, '],
]);

it('names its faults as the diagnosis does', function (): void {
    $names = array_map(static fn (EngineFault $f): string => $f->value, EngineFault::cases());

    expect(array_diff($names, array_map(strval(...), array_keys(Knowledge::real()->faults))))->toBe([]);
});

it('is told on the command line, with its signs', function (): void {
    $file = fileWith(engineJson());
    [$status, $out] = jet('engine', $file, '--throttle-deg', '80', '--H', '1.3', '--L=1.2', '--json');
    $said = json_decode($out, true);
    [, $ill] = jet('engine', $file, '--throttle-deg', '80', '--H', '1.3', '--L', '1.2', '--fault', 'choke_left_on=0.6',
        '--fault', 'stale_fuel=0.2', '--json');
    [, $dead] = jet('engine', $file, '--throttle-deg', '80', '--H', '0', '--L', '0', '--json');
    [, $high] = jet('engine', $file, '--throttle-deg', '80', '--H', '1.3', '--L', '1.2', '--pressure-kpa', '80',
        '--temperature-c', '-5', '--choke', '0.1', '--json');

    [, $governed] = jet('engine', $file, '--throttle-deg', '6', '--H', '1.3', '--L', '1.2', '--governed-rpm', '9000', '--json');
    expect($status)->toBe(0)
        ->and(array_keys($said))->toBe(['rpm', 'phi', 'manifold_kpa', 'air_g_s', 'main_fuel_g_s', 'idle_fuel_g_s', 'signs'])
        ->and(14.7 * ($said['main_fuel_g_s'] + $said['idle_fuel_g_s']) / $said['air_g_s'])->toEqualWithDelta($said['phi'], 1e-9)
        ->and($said['rpm'])->toBeGreaterThan(9000.0)
        ->and(json_decode($governed, true)['rpm'])->toBeLessThan(9000.0)->toBeGreaterThan(0.93 * 9000.0)
        ->and(json_decode($governed, true)['throttle_deg'])->toBeGreaterThan(6.0)->toBeLessThan(80.0)
        ->and(json_decode($ill, true)['rpm'])->toBeLessThan($said['rpm'])
        ->and(json_decode($ill, true)['phi'])->toBeGreaterThan($said['phi'])
        ->and(json_decode($dead, true))->toBe([
            'rpm' => 0, 'phi' => null, 'manifold_kpa' => null, 'air_g_s' => null, 'main_fuel_g_s' => null,
            'idle_fuel_g_s' => null, 'signs' => ['stalled'],
        ])
        ->and(json_decode($high, true)['air_g_s'])->toBeLessThan($said['air_g_s']);
});

it('draws one on the command line that it reads again', function (): void {
    [$status, $out] = jet('engine', '--random', '12', '--json');
    $drawn = json_decode($out, true);
    [, $four] = jet('engine', '--random', '12', '--stroke', '4', '--json');
    [$again] = jet('engine', fileWith($out), '--throttle-deg', (string) $drawn['healthy']['full_throttle_deg'],
        '--H', (string) $drawn['healthy']['H'], '--L', (string) $drawn['healthy']['L'], '--json');

    expect([$status, $again, $drawn['stroke'], json_decode($four, true)['stroke']])->toBe([0, 0, 2, 4])
        ->and(jet('engine', '--random', '13', '--json')[1])->not->toBe($out);
});

it('refuses on the command line in one line', function (array $arguments, string $says): void {
    $file = fileWith(engineJson());
    $given = array_map(static fn (string $a): string => $a === 'FILE' ? $file : $a, $arguments);
    [$status, $out, $error] = jet('engine', ...$given);

    expect([$status, $out])->toBe([2, ''])->and($error)->toContain($says)->and(substr_count($error, "\n"))->toBe(0);
})->with([
    [['FILE', '--H', '1', '--L', '1'], '--throttle-deg is needed'],
    [['FILE', '--throttle-deg', '80', '--H', 'x', '--L', '1'], '--H must be a number'],
    [['FILE', '--throttle-deg', '80', '--H', '1', '--H', '2', '--L', '1'], '--H must be a number'],
    [['FILE', '--throttle-deg', '80', '--H', '1', '--L', '1', '--fault', 'stale_fuel=lots'], '--fault must be a number'],
    [['FILE', '--throttle-deg', '80', '--H', '1', '--L', '1', '--fault', 'gremlins'], 'fault must be one of'],
    [['FILE', '--throttle-deg', '80', '--H', '1', '--L', '1', '--pressure-kpa', '-5'], 'vacuum'],
    [['--throttle-deg', '80', '--H', '1', '--L', '1'], 'usage: jet'],
    [['--random', '1.5'], '--random must be a whole number'],
    [['--random', '-1'], '--random must be a whole number'],
    [['--random', '1', '--stroke', '3'], '--stroke must be 2 or 4'],
    [['--random', '1', '--stroke', '2x'], '--stroke must be 2 or 4'],
]);

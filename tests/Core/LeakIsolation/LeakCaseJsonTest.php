<?php

declare(strict_types=1);

use DustyJet\LeakIsolation\LeakCaseJson;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\LeakIsolation\UnusableLeakCase;

/** @param  array<string, mixed>  $more */
function leakJson(array $more = []): string
{
    return (string) json_encode([
        'joints' => ['barb' => 0.08, 'needle' => 0.25],
        'tests' => [
            ['name' => 'inlet', 'kind' => 'pressure', 'joints' => ['barb', 'needle'], 'pressure_kpa' => 34.5,
                'outcome' => 'leaks', 'flow_ml_min' => 3, 'sigma_ml_min' => 0.1],
            ['name' => 'soap', 'kind' => 'soap', 'joints' => ['barb'], 'outcome' => 'leaks', 'bubbles' => ['barb']],
        ],
        'bubbles' => ['needle'],
        'feasible' => [['name' => 'needle alone', 'kind' => 'pressure', 'joints' => ['needle'], 'minutes' => 5]],
        ...$more,
    ]);
}

it('reads joints, tests, bubbles and what could be done', function (): void {
    $case = LeakCaseJson::parse(leakJson());

    expect($case->joints)
        ->toBe(['barb' => 0.08, 'needle' => 0.25])
        ->and($case->pressure[0]->outcome)
        ->toBe(Outcome::Leaks)
        ->and([$case->pressure[0]->flow, $case->pressure[0]->sigma, $case->pressure[0]->kilopascals])
        ->toBe([3.0, 0.1, 34.5])
        ->and(array_map(fn ($s): array => [$s->name, $s->joints, $s->bubbled], $case->soap))
        ->toBe([['soap', ['barb'], ['barb']], ['bubbles', ['needle'], ['needle']]])
        ->and([$case->feasible[0]->isSoap, $case->feasible[0]->minutes])
        ->toBe([false, 5.0]);
});

it('reads joints alone', function (): void {
    $case = LeakCaseJson::parse('{"joints":{"a":0.5}}');

    expect([$case->pressure, $case->soap, $case->feasible])->toBe([[], [], []]);
});

it('refuses with the field that is wrong', function (string $json, string $says): void {
    expect(fn () => LeakCaseJson::parse($json))->toThrow(UnusableLeakCase::class, $says);
})->with([
    ['', 'a JSON object with "joints"'],
    ['[]', 'a JSON object with "joints"'],
    ['{"joints":{}}', '"joints" must be'],
    ['{"joints":{"a":0}}', '"joints.a" must be'],
    ['{"joints":{"a":1}}', '"joints.a" must be'],
    ['{"joints":{"a":"much"}}', '"joints.a" must be'],
    [leakJson(['guess' => 1]), '"guess" must be left out'],
    [leakJson(['tests' => 'none']), '"tests" must be a list'],
    [leakJson(['tests' => ['none']]), '"tests.0" must be an object'],
    [leakJson(['tests' => [['kind' => 'smell']]]), '"tests.0.kind" must be pressure or soap'],
    [leakJson(['tests' => [['kind' => 'pressure']]]), '"tests.0.'],
    [leakJson(['tests' => [['name' => 'x', 'kind' => 'pressure', 'joints' => ['barb'], 'pressure_kpa' => 0, 'outcome' => 'leaks']]]),
        '"tests.0.pressure_kpa"'],
    [leakJson(['tests' => [['name' => 'x', 'kind' => 'pressure', 'joints' => ['barb'], 'pressure_kpa' => 5, 'outcome' => 'sighs']]]),
        '"tests.0.outcome" must be leaks, holds or keep_watching'],
    [leakJson(['tests' => [['name' => 'x', 'kind' => 'pressure', 'joints' => ['tap'], 'pressure_kpa' => 5, 'outcome' => 'leaks']]]),
        '"tests.0.joints" must be a list of joints that'],
    [leakJson(['tests' => [['name' => 'x', 'kind' => 'pressure', 'joints' => ['barb'], 'pressure_kpa' => 5, 'outcome' => 'leaks',
        'flow_ml_min' => 1, 'sigma_ml_min' => 0]]]), '"tests.0.sigma_ml_min"'],
    [leakJson(['tests' => [['name' => 'x', 'kind' => 'soap', 'joints' => ['barb'], 'bubbles' => ['needle']]]]),
        '"tests.0.bubbles" must be among'],
    [leakJson(['bubbles' => ['tap']]), '"bubbles" must be a list of joints that'],
    [leakJson(['feasible' => [['name' => 'x', 'kind' => 'soap', 'joints' => ['barb'], 'minutes' => 0]]]), '"feasible.0.minutes"'],
    [leakJson(['feasible' => [['name' => '', 'kind' => 'soap', 'joints' => ['barb'], 'minutes' => 1]]]), '"feasible.0.name"'],
    [(string) json_encode(['joints' => array_fill_keys(range(1, 25), 0.1)]), '"joints" must be from 1 to 24'],
]);

it('reads as many joints as it says', function (): void {
    $json = (string) json_encode(['joints' => array_fill_keys(array_map(static fn (int $i): string => "j{$i}", range(1, 24)), 0.1)]);

    expect(count(LeakCaseJson::parse($json)->joints))->toBe(24);
});

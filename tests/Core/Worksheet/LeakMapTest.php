<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Diagnosis\Answer;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\LeakIsolation\Leak;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\LeakMap\IsolatingResults;
use DustyJet\Worksheet\LeakMap\LeakMap;
use DustyJet\Worksheet\Measured;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Stale\Staleness;
use Tests\Core\Worksheet\Bench;

function isolated(Bench $bench, string $test, string $outcome, ?float $flow = null, ?string $bubbled = null): Bench
{
    return $bench->add(EntryKind::LeakIsolated, array_filter(
        ['isolation' => $test, 'outcome' => $outcome, 'flow_ml_min' => $flow, 'bubbled' => $bubbled],
        static fn (mixed $v): bool => $v !== null,
    ));
}

/** @return list<string> */
function suspects(Bench $bench): array
{
    return array_map(static fn (Leak $l): string => $l->joint, LeakMap::of($bench->sheet())->suspects ?? []);
}

/** @return list<array{0: string, 1: Answer}> what was found of the needle */
function ofTheNeedle(Bench $bench): array
{
    $found = array_filter(Measured::on($bench->sheet()), static fn (array $f): bool => $f[0] === 'needle_leaks');

    return array_values(array_map(static fn (array $f): array => [$f[0], $f[1]], $found));
}

it('says nothing until something leaks, then suspects the needle first', function (): void {
    $bench = new Bench('cube_opposed');
    expect(LeakMap::of($bench->sheet()))->toBeNull();
    $bench->hold();
    expect(LeakMap::of($bench->sheet()))->toBeNull();
    $bench->hold(3.0, wetted: true);
    $isolation = LeakMap::of($bench->sheet());

    expect($isolation?->suspects[0]->joint)
        ->toBe('needle')
        ->and($isolation?->next)
        ->not->toBeNull()
        // A hold test alone says nothing of one joint.
        ->and(ofTheNeedle($bench))
        ->toBe([]);
});

it('finds a leaking barb: the stub holds, soap shows none at the seam (common practice)', function (): void {
    $bench = (new Bench('cube_opposed'))->hold(3.0, wetted: true);
    isolated($bench, 'stub', 'holds');
    expect(array_slice(suspects($bench), 0, 2))
        ->toBe(['barb', 'barb_body'])
        ->and(ofTheNeedle($bench))
        ->toBe([['needle_leaks', Answer::No]]);
    isolated($bench, 'soap', 'leaks', bubbled: 'barb');
    $isolation = LeakMap::of($bench->sheet());

    expect($isolation?->suspects[0]->joint)
        ->toBe('barb')
        ->and($isolation?->suspects[0]->probability)
        ->toBeGreaterThan(0.95)
        ->and($isolation?->suspects[0]->flow->best)
        ->toEqualWithDelta(3.0, 0.3)
        ->and($isolation?->cleared)
        ->toContain('needle', 'pump_cover', 'pump_sheet');
});

it('adds up bubbles of one spraying, and replaces a test that is made again', function (): void {
    $bench = (new Bench('cube_opposed'))->hold(3.0, wetted: true);
    isolated($bench, 'soap', 'leaks', bubbled: 'barb');
    isolated($bench, 'soap', 'leaks', bubbled: 'hose');
    isolated($bench, 'stub', 'leaks');
    isolated($bench, 'stub', 'holds', 0.01);
    $results = $bench->sheet()->of(IsolatingResults::class)->all;

    expect($results['soap']->bubbled)
        ->toBe(['barb', 'hose'])
        ->and($results['stub']->flow)
        ->toBe(0.01)
        ->and($results['stub']->outcome->value)
        ->toBe('holds');
});

it('proves a needle by itself, and takes that back once another is in', function (): void {
    $bench = (new Bench('cube_opposed'))->hold(3.0, wetted: true);
    isolated($bench, 'needle_alone', 'leaks', 3.0);
    isolated($bench, 'needle_renewed', 'holds', 0.0);
    expect(suspects($bench)[0])
        ->toBe('needle')
        ->and(ofTheNeedle($bench))
        ->toBe([['needle_leaks', Answer::Yes]]);
    $bench->add(EntryKind::ThingTouched, ['thing' => 'needle_seat']);
    expect(ofTheNeedle($bench))
        ->toBe([])
        ->and(LeakMap::of($bench->sheet()))
        ->toBeNull()
        ->and($bench->sheet()->of(Staleness::class)->has(IsolatingResults::READING))
        ->toBeTrue();
    // What is told apart from here on begins anew.
    $bench->hold(2.0, wetted: true);
    isolated($bench, 'stub', 'holds');
    expect(array_keys($bench->sheet()->of(IsolatingResults::class)->all))
        ->toBe(['stub'])
        ->and(suspects($bench)[0])
        ->toBe('barb')
        ->and($bench->sheet()->of(Staleness::class)->has(IsolatingResults::READING))
        ->toBeFalse();
});

it('names the hold test and the isolating test that cannot both be right', function (): void {
    $bench = (new Bench('cube_opposed'))->hold(2.0, wetted: true);
    isolated($bench, 'needle_alone', 'leaks', 9.0);

    expect(LeakMap::of($bench->sheet())?->contradicts)->toBe(['whole', 'needle_alone']);
});

it('refuses a test, a joint or an outcome that the family does not have', function (): void {
    $cube = new Bench('cube_opposed');
    $payload = ['isolation' => 'stub', 'outcome' => 'holds'];
    $cube->refuse(EntryKind::LeakIsolated, $payload);
    expect(fn () => $cube->refuse(EntryKind::LeakIsolated, ['isolation' => 'sniff'] + $payload))
        ->toThrow(UnreadableEntry::class, 'sniff')
        ->and(fn () => $cube->refuse(EntryKind::LeakIsolated, ['bubbled' => 'tank'] + $payload))
        ->toThrow(UnreadableEntry::class, 'tank')
        ->and(fn () => $cube->refuse(EntryKind::LeakIsolated, ['outcome' => 'hisses'] + $payload))
        ->toThrow(UnreadableEntry::class, 'hisses')
        ->and(fn () => (new Bench('pulse_pump'))->refuse(EntryKind::LeakIsolated, $payload))
        ->toThrow(NotAllowedNow::class, 'this family has none')
        ->and(fn () => (new Bench('float_pilot_jet'))->refuse(EntryKind::LeakIsolated, $payload))
        ->toThrow(UnreadableEntry::class, 'stub');
    isolated($cube, 'sniff', 'holds');
    isolated($cube, 'stub', 'hisses');
    expect($cube->sheet()->of(IsolatingResults::class)->all)->toBe([]);
});

it('has joints in every family that is tested to hold, each told apart from the others by some test', function (): void {
    foreach (FamilyFiles::shipped()->ids() as $id) {
        $proof = FamilyFiles::shipped()->of($id)->proof;
        expect($proof->leaks === null)->toBe($proof->hold === null, $id);
        $patterns = [];
        foreach ($proof->leaks->joints ?? [] as $key => $joint) {
            // Bubbles name a joint by itself, pressure only the joints it reaches.
            $in = static fn ($t): string => match (true) {
                ! in_array($key, $t->joints, true) => '0',
                $t->isSoap => $key,
                default => '1',
            };
            $patterns[] = implode(' ', array_map($in, $proof->leaks->tests));
            expect($joint->chance)->toBeGreaterThan(0.0)->toBeLessThan(0.5);
        }
        expect(count(array_unique($patterns)))->toBeGreaterThanOrEqual(count($patterns) - 1, $id);
    }
});

it('asks beyond the needle only when a test reached there: lever held, throat blanked', function (): void {
    $names = static fn (Bench $b): array => LeakMap::asked($b->sheet())?->names() ?? [];
    $beyond = ['metering_cover', 'nozzle_fit', 'welch'];
    $bench = (new Bench('cube_opposed'))->hold(2.0, wetted: true);
    expect(array_intersect($beyond, $names($bench)))->toBe([]);
    $hold = $bench->entries[count($bench->entries) - 1]->payload->toArray();
    $with = static fn (string $sealed): array => $names(
        (new Bench('cube_opposed'))->add(EntryKind::HoldTested, [...$hold, 'sealed' => $sealed]),
    );
    expect(array_values(array_intersect($with('lever nozzle idleholes'), $beyond)))
        ->toBe($beyond)
        ->and(array_intersect($with('lever nozzle'), $beyond))
        ->toBe([])
        ->and(array_intersect($with('nozzle idleholes'), $beyond))
        ->toBe([]);
    isolated($bench, 'beyond', 'leaks', 1.5);
    $map = LeakMap::asked($bench->sheet());
    expect(array_values(array_intersect($map?->names() ?? [], $beyond)))
        ->toBe($beyond)
        ->and(array_column($map->feasible ?? [], 'name'))
        ->toContain('beyond_soap', 'nozzle_puttied')
        // A kart pumper has no Welch plug.
        ->and(array_keys((new Bench('kart_pumper'))->family->proof->leaks->joints ?? []))
        ->not->toContain('welch');
});

<?php

declare(strict_types=1);

use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Deed;
use DustyJet\Worksheet\BenchTest\BenchTestBay;
use DustyJet\Worksheet\Build\BuildBay;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Triage;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

/** @return list<Move> as a sheet proposes them: with the diagnosis where it leads, and with what is forbidden held back */
function proposed(Bench $bench): array
{
    $triage = new Triage(Knowledge::real(), $bench->sheet());

    return $bench->sheet()->moves($triage->leads() ? $triage->diagnosis() : null, $triage->safety());
}

function answersOf(Bench $bench): array
{
    return (new Triage(Knowledge::real(), $bench->sheet()))->answers();
}

it('says what is in the way of a test, by the log', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1');
    $way = fn (Need $need): ?string => Machine::on($bench->sheet()->bench)->inTheWay($need);
    foreach (Need::cases() as $need) {
        expect($way($need))->toBeNull();
    }
    $bench->off('air_cleaner');
    expect($way(Need::Whole))->toBe('The air cleaner box lies on the tray.')
        ->and($way(Need::Valve))->toBeNull()
        ->and($way(Need::Inside))->toBeNull();
    $bench->all(Station::Strip);
    expect($way(Need::Valve))->toBe('The inlet needle and 2 more lie on the tray.')
        ->and($way(Need::Inside))->not->toBeNull()
        ->and($way(Need::Nothing))->toBeNull()
        ->and(Machine::on($bench->sheet()->bench)->isCarburetorOff())->toBeTrue();
    $bench->all(Station::Build);
    expect($way(Need::Whole))->toBeNull()
        ->and(Machine::on($bench->sheet()->bench)->isWhole())->toBeTrue()
        ->and(Machine::on($bench->sheet()->bench)->isCarburetorOff())->toBeFalse();
});

it('tests no needle that lies on the tray, asks once and takes it with a mark', function (): void {
    $bench = (new Bench)->all(Station::Strip);
    expect((new BenchTestBay)->moves($bench->sheet()))->toBe([]);
    $payload = (new Bench)->hold()->entries[1]->payload->toArray();
    expect(fn () => $bench->refuse(EntryKind::HoldTested, $payload))->toThrow(NotAllowedNow::class, 'lie on the tray');
    $bench->refuse(EntryKind::HoldTested, [...$payload, 'anyway' => true]);
    expect(fn () => $bench->refuse(EntryKind::TestDone, ['test' => 'float_drop', 'passed' => true]))
        ->toThrow(NotAllowedNow::class)
        ->and(fn () => $bench->refuse(EntryKind::CheckDone, ['check' => 'idle', 'passed' => true]))
        ->toThrow(NotAllowedNow::class);
    $bench->refuse(EntryKind::CheckDone, ['check' => 'filter', 'passed' => true]);
});

it('soaps hose, barb and covers before it blames a needle, where the whole carburetor is under test', function (): void {
    $keys = fn (Bench $b): array => array_map(fn (Move $m): string => $m->do, (new BenchTestBay)->moves($b->sheet()));
    $whole = $keys((new Bench('cube_opposed'))->hold(4.0, wetted: true));
    $needle = $keys((new Bench)->hold(4.0, wetted: true));
    expect($whole[0])->toStartWith('Soap hose, barb and covers')
        ->and($needle[0])->toStartWith('Fit a new needle')
        ->and(answersOf((new Bench('cube_opposed'))->hold(4.0, wetted: true)))
        ->toMatchArray(['whole_carburetor_leaks' => Answer::Yes])
        ->not->toHaveKey('needle_leaks');
});

it('takes each failed test and proof for a finding, and each passed one for its end', function (
    string $family,
    EntryKind $kind,
    string $field,
    string $name,
    string $finding,
): void {
    $bench = new Bench($family);
    $bench->add($kind, [$field => $name, 'passed' => false]);
    expect(answersOf($bench)[$finding])->toBe(Answer::Yes);
    $bench->add($kind, [$field => $name, 'passed' => true]);
    expect(answersOf($bench)[$finding])->toBe(Answer::No);
})->with([
    'a failed bulb' => ['outboard_bank', EntryKind::TestDone, 'test', 'bulb', 'vent_weeps_on_bulb'],
    'a leaking check valve' => ['cube_opposed', EntryKind::TestDone, 'test', 'check_valve', 'check_valve_leaks'],
    'no pulse' => ['kart_pumper', EntryKind::TestDone, 'test', 'pulse', 'pulse_missing'],
    'a drip at the hand-back' => ['float_pilot_jet', EntryKind::CheckDone, 'check', 'no_drip', 'fuel_dripping'],
    'an idle that is not steady' => ['float_pilot_jet', EntryKind::CheckDone, 'check', 'idle', 'will_not_idle'],
    'a creeping chain' => ['cube_opposed', EntryKind::CheckDone, 'check', 'creep', 'creeps_at_idle'],
]);

it('names only findings that exist in what tests and proofs raise', function (): void {
    $known = Knowledge::real();
    foreach (array_keys($known->families) as $family) {
        $proof = (new Bench($family))->family->proof;
        foreach ([...$proof->tests, ...$proof->checks] as $one) {
            expect($one->fails === null || isset($known->findings[$one->fails]))->toBeTrue("{$family} {$one->fails}");
        }
        expect($proof->hold === null || isset($known->findings[$proof->hold->fails]))->toBeTrue($family);
    }
});

it('lets the last word count, whether it was said or measured', function (): void {
    $bench = (new Bench)->add(EntryKind::FindingNoted, ['finding' => 'will_not_idle', 'answer' => 'no']);
    $bench->add(EntryKind::CheckDone, ['check' => 'idle', 'passed' => false]);
    expect(answersOf($bench)['will_not_idle'])->toBe(Answer::Yes);
    $bench->add(EntryKind::FindingNoted, ['finding' => 'will_not_idle', 'answer' => 'no']);
    expect(answersOf($bench)['will_not_idle'])->toBe(Answer::No);
});

it('starts the search anew when a whole machine fails its proof', function (): void {
    $bench = (new Bench)->worked();
    expect(proposed($bench)[0]->key)->toBe('hand_back');
    $bench->add(EntryKind::CheckDone, ['check' => 'idle', 'passed' => false]);
    expect(proposed($bench)[0]->station)->toBe(Station::Intake);
});

it('runs nothing that drips until it was proved tight or said to be gone, whatever was called cured', function (): void {
    $built = fn (): Bench => (new Bench)
        ->count('idle_mixture', '1 1/2')
        ->count('idle_speed', '1')
        ->all(Station::Strip)
        ->all(Station::Clean)
        ->all(Station::Build)
        ->hold()
        ->set('idle_mixture', '1 1/2')
        ->set('idle_speed', '1');
    expect(proposed($built())[0]->key)->toBe('read');
    $drips = $built()->add(EntryKind::FindingNoted, ['finding' => 'drips_from_vent', 'answer' => 'yes']);
    expect(array_filter(proposed($drips), fn (Move $m): bool => $m->does !== []))->toBe([])
        ->and(array_map(fn (Move $m): string => $m->key, $drips->sheet()->moves(
            null,
            (new Triage(Knowledge::real(), $drips->sheet()))->safety(),
        )))->toContain('danger');
    $tight = $drips->hold();
    expect(proposed($tight)[0]->key)->toBe('read');
    $hose = $built()->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'yes'])->hold();
    $hose->add(EntryKind::FaultRepaired, ['fault' => 'needle_worn']);
    expect(array_filter(proposed($hose), fn (Move $m): bool => $m->does !== []))->toBe([]);
    $hose->add(EntryKind::CheckDone, ['check' => 'no_drip', 'passed' => true]);
    expect(proposed($hose)[0]->key)->toBe('read');
    $oil = $built()->add(EntryKind::FindingNoted, ['finding' => 'fuel_in_oil', 'answer' => 'yes'])->hold();
    expect(array_filter(proposed($oil), fn (Move $m): bool => $m->does !== []))->toBe([]);
    $oil->add(EntryKind::FindingNoted, ['finding' => 'fuel_in_oil', 'answer' => 'no']);
    expect(proposed($oil)[0]->key)->toBe('read');
});

it('hears that a flood was cleared', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'yes'])
        ->add(EntryKind::FlowStepped, ['flow' => 'clear_flooded', 'step' => 'pull', 'worked' => true]);
    expect((new Triage(Knowledge::real(), $bench->sheet()))->case()->repaired)->toContain('cranked_too_often');
});

/*
 * An independent reading of the log: what came off and did not go back on lies on the tray, whatever the program makes
 * of it. Over random stops of a strip and a build, no proposed move may need what lies there.
 */
it('proposes nothing that cannot be done, in any state between strip and hand-back', function (string $family): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $bench = new Bench($family);
    foreach (array_keys($bench->family->adjusters) as $screw) {
        if ($bench->family->adjusters[$screw]->isIn($bench->sheet()->variant())) {
            $bench->count($screw, '1');
        }
    }
    for ($step = 0; $step < 60; $step++) {
        $tray = [];
        $plan = $bench->family->plan($bench->sheet()->variant());
        foreach ($bench->entries as $entry) {
            $part = $entry->payload->toArray()['part'] ?? '';
            if ($entry->kind === EntryKind::PartOff && ! $plan->parts[$part]->isTask) {
                $tray[$part] = true;
            } elseif ($entry->kind === EntryKind::PartOn) {
                unset($tray[$part]);
            }
        }
        foreach (proposed($bench) as $move) {
            $where = "SEED={$seed} {$family} step {$step}: {$move->key} {$move->target}";
            $isRunning = in_array(Deed::Run, $move->does, true);
            $valve = array_intersect($bench->family->proof->valve, array_keys($tray));
            expect($isRunning && $tray !== [])->toBeFalse($where)
                ->and($move->key === 'set' && $tray !== [])->toBeFalse($where)
                ->and(in_array($move->key, ['hold', 'hold_wet', 'recheck'], true) && $valve !== [])->toBeFalse($where)
                ->and($move->key === 'part_off' && isset($tray[$move->target]))->toBeFalse($where)
                ->and($move->key === 'part_on' && ! isset($tray[$move->target]))->toBeFalse($where);
        }
        $move = proposed($bench)[0];
        match ($move->key) {
            'part_off' => $bench->off($move->target),
            'part_on' => $bench->on($move->target),
            'inspect' => $bench->inspect($move->target),
            'hold', 'recheck' => $bench->hold(),
            'set' => $bench->set($move->target, '1'),
            'test' => $bench->add(EntryKind::TestDone, ['test' => $move->target, 'passed' => true]),
            default => null,
        };
        if ($chance->getInt(0, 9) === 0 && $bench->sheet()->stations['strip']->done > 3) {
            $bench->add(EntryKind::StripEnded, []);
        }
    }
})->with(array_keys(Knowledge::real()->families));

it('can test the whole carburetor once it is off, until it is opened', function (): void {
    $bench = new Bench('cube_opposed');
    $way = fn (): ?string => Machine::on($bench->sheet()->bench)->inTheWay(Need::Inside);
    $bench->off('air_filter', 'fuel_hose', 'throttle_link', 'carburetor');
    expect($way())->toBeNull();
    $bench->off('pump_screw');
    expect($way())->toBe('The pump cover screw lies on the tray.');
});

it('is whole once all that goes back is back, in every family', function (string $family): void {
    $bench = new Bench($family);
    expect(Machine::on($bench->sheet()->bench)->isBeingBuilt())->toBeFalse();
    $bench->all(Station::Strip);
    expect(Machine::on($bench->sheet()->bench)->isBeingBuilt())->toBeFalse();
    $bench->on($bench->sheet()->of(Parts::class)->build->ready()[0]->key);
    expect(Machine::on($bench->sheet()->bench)->isBeingBuilt())->toBeTrue()
        ->and((new BenchTestBay)->moves($bench->sheet()))->toBe([]);
    $bench->all(Station::Build);
    expect(Machine::on($bench->sheet()->bench)->off())->toBe([])
        ->and($bench->sheet()->of(Parts::class)->isWhole())->toBeTrue();
})->with(array_keys(Knowledge::real()->families));

it('lets a failed test lead, complaint or not', function (): void {
    $bench = new Bench('outboard_bank');
    $before = proposed($bench)[0];
    $bench->add(EntryKind::TestDone, ['test' => 'bulb', 'passed' => false]);
    expect($before->key)->toBe('count')
        ->and($before->why)->not->toContain('Before that:')
        ->and(proposed($bench)[0]->why)->toStartWith('Something inside the carburetor: Strip it, clean everything, fit the kit.')
        ->and(array_filter(proposed($bench), fn (Move $m): bool => in_array(Deed::Start, $m->does, true)))->toBe([]);
});

it('fits nothing that lies in a bath', function (string $clock, bool $holds): void {
    $bench = (new Bench('cube_opposed'))->count('high', '1')->count('low', '1')->count('idle_speed', '1');
    $bench->all(Station::Strip)->all(Station::Clean);
    $bench->add(EntryKind::ClockStarted, ['clock' => $clock, 'minutes' => 30, 'what' => 'body']);
    $moves = (new BuildBay)->moves($bench->sheet());

    expect($moves[0]->key)->toBe($holds ? 'clock' : 'part_on');
    if ($holds) {
        expect($moves)
            ->toHaveCount(1)
            ->and($moves[0]->do)
            ->toContain('body')
            ->and($moves[0]->why)
            ->toContain('Nothing is fitted out of it before');
        $bench->add(EntryKind::ClockEnded, ['clock' => end($bench->entries)->id]);
        expect((new BuildBay)->moves($bench->sheet())[0]->key)->toBe('part_on');
    }
})->with([['soak', true], ['bath', true], ['dry', true], ['varnish', true], ['wet', false]]);

<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Triage;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

function triage(Bench $bench): Triage
{
    return new Triage(Knowledge::real(), $bench->sheet());
}

/** @param  array<string, string>  $answers */
function told(Bench $bench, array $answers): Bench
{
    foreach ($answers as $finding => $answer) {
        $bench->add(EntryKind::FindingNoted, ['finding' => $finding, 'answer' => $answer]);
    }

    return $bench;
}

it('takes each variant for the family it is', function (string $variant, string $family): void {
    expect(triage(new Bench($variant))->kind()->id)->toBe($family);
})->with([
    ['float_pilot_jet', 'float_pilot_jet'],
    ['kart_pumper', 'kart_pumper'],
    ['suction_lift_choke', 'suction_lift_choke'],
]);

it('makes a case of what was said and looked at', function (): void {
    $bench = told(new Bench, ['surges' => 'strong'])
        ->add(EntryKind::CheckAnswered, [
            'check' => 'fuel_sample',
            'answers' => ['fuel_smells_stale' => 'no', 'water_in_sample' => 'cannot_tell'],
        ])
        ->add(EntryKind::FaultRepaired, ['fault' => 'weak_spark']);
    $case = triage($bench)->case();

    expect($case->answers)
        ->toBe(['surges' => Answer::Strong, 'fuel_smells_stale' => Answer::No, 'water_in_sample' => Answer::CannotTell])
        ->and($case->checksDone)
        ->toBe(['fuel_sample'])
        ->and($case->repaired)
        ->toBe(['weak_spark'])
        ->and(triage($bench)->hasComplaint())
        ->toBeTrue()
        ->and(triage(new Bench)->hasComplaint())
        ->toBeFalse();
});

it('lets the last word count, and a struck one not', function (): void {
    $bench = told(new Bench, ['floods' => 'yes', 'surges' => 'some']);
    $said = $bench->entries[1]->id;
    told($bench, ['surges' => 'no'])->add(EntryKind::Struck, [], $said);

    expect(triage($bench)->answers())->toBe(['surges' => Answer::No]);
});

it('hears what later stations found', function (): void {
    $bench = told(new Bench, ['floods' => 'yes'])->hold(3.0);
    expect(triage($bench)->answers())->not->toHaveKey('needle_leaks', 'a dry needle proves nothing');

    $bench->hold(3.0, wetted: true);
    expect(triage($bench)->answers()['needle_leaks'])
        ->toBe(Answer::Yes)
        ->and(triage($bench)->diagnosis()->suspects[0]->fault->id)
        ->toBe('dirt_under_needle');

    $bench->add(EntryKind::ThingTouched, ['thing' => 'needle_seat']);
    expect(triage($bench)->answers())->not->toHaveKey('needle_leaks', 'stale is not known');

    $bench->hold(0.02);
    expect(triage($bench)->answers()['needle_leaks'])->toBe(Answer::No);
});

it('takes a screw two turns past its base for dirt', function (string $turns, Answer $answer): void {
    expect(triage((new Bench)->count('idle_mixture', $turns))->answers())->toBe(['screw_far_out' => $answer]);
})->with([['1 3/4', Answer::No], ['3 1/2', Answer::Yes], ['5 3/4', Answer::Yes]]);

it('knows what the strip has opened and what cleaning has cured', function (): void {
    $bench = told(new Bench, ['surges' => 'strong'])
        ->count('idle_mixture', '1 1/2')
        ->count('idle_speed', '1')
        ->all(Station::Strip)
        ->inspect('main_jet', 'cleaned')
        ->inspect('pilot_jet', 'cleaned');
    $case = triage($bench)->case();

    expect($case->open)
        ->toEqualCanonicalizing(['air_cleaner_off', 'carburetor_off', 'bowl_off', 'carburetor_apart'])
        ->and($case->repaired)
        ->toBe(['main_jet_clogged', 'pilot_circuit_blocked'])
        ->and(triage($bench)->diagnosis()->notNow['choke_run'])
        ->toBe('The engine is open.')
        ->and(triage($bench->all(Station::Build))->case()->open)
        ->toBe([]);
});

it('puts the cheap check before the carburetor, until that is begun', function (): void {
    $bench = told(new Bench, ['hard_to_start' => 'strong']);
    $move = $bench->sheet()->moves(triage($bench)->diagnosis())[0];
    expect($move->station)
        ->toBe(Station::Intake)
        ->and($move->key)
        ->toBe('look')
        ->and($move->why)
        ->toStartWith('Saves ');

    $bench->count('idle_mixture', '1 1/2')->count('idle_speed', '1')->off('air_cleaner');
    expect(triage($bench)->leads())
        ->toBeFalse()
        ->and($bench->sheet()->moves()[0]->station)
        ->toBe(Station::Strip);
});

it('says what the answer of a look can change', function (): void {
    $said = [];
    foreach (Knowledge::real()->findings as $id => $finding) {
        if ($finding->group !== 'complaint') {
            continue;
        }
        $bench = told(new Bench, [$id => 'yes']);
        $diagnosis = triage($bench)->diagnosis();
        $ranked = $diagnosis->nextCheck();
        $move = $bench->sheet()->moves($diagnosis)[0];
        if ($ranked === null || $move->key !== 'look') {
            continue;
        }
        $leader = $diagnosis->leader()->fault->id;
        $real = array_filter($ranked->outcomes, fn (array $o): bool => $o['probability'] > 0.005);
        $leads = array_column($real, 'leader');
        $says = array_diff($leads, [$leader]) === [] ? 'It will not change what leads' : 'Its answer can change what leads';
        $said[$says] = true;

        expect($move->why)->toContain($says);
    }

    expect(count($said))->toBe(2);
});

it('proposes the repair outside the carburetor when no look pays any more', function (): void {
    $bench = told(new Bench, ['fades_when_worked' => 'yes', 'better_with_cap_loose' => 'yes']);
    for ($i = 0; $i < 30; $i++) {
        $next = triage($bench)->diagnosis()->nextCheck();
        if ($next === null) {
            break;
        }
        $bench->add(EntryKind::CheckAnswered, [
            'check' => $next->check->id,
            'answers' => array_map(fn () => 'no', $next->outcomes[0]['answers']),
        ]);
    }
    $move = $bench->sheet()->moves(triage($bench)->diagnosis())[0];

    expect($move->key)->toBe('repair')->and($move->target)->toBe('tank_vent_blocked');
});

it('offers the procedures its answers call for', function (): void {
    $flows = fn (Bench $b): array => array_map(fn ($r): string => $r->flow->id, triage($b)->flows());

    expect($flows(told(new Bench, ['floods' => 'yes'])))
        ->toBe(['clear_flooded'])
        ->and($flows(told(new Bench, ['fuel_in_oil' => 'yes'])))
        ->toBe(['fuel_in_oil_tree'])
        ->and($flows(told(new Bench, ['runs_only_on_choke' => 'yes'])))
        ->toBe(['runs_only_on_choke_path'])
        ->and($flows(new Bench))
        ->toBe([]);

    $begun = told(new Bench, ['floods' => 'yes', 'fuel_dripping' => 'no'])->add(EntryKind::FlowStepped, [
        'flow' => 'clear_flooded',
        'step' => 'choke_off',
        'worked' => true,
    ]);
    for ($i = 0; $i < 3; $i++) {
        $begun->add(EntryKind::FlowStepped, ['flow' => 'clear_flooded', 'step' => 'pull', 'worked' => false]);
    }
    expect(triage($begun)->flows()[0]->counted)
        ->toBe(3)
        ->and(triage($begun)->flows()[0]->at->id)
        ->toBe('pull');
});

it('refuses a draft of names it does not know', function (EntryKind $kind, array $payload): void {
    expect(fn () => triage(new Bench)->refuseUnlessKnown(new Draft($kind, $payload)))->toThrow(UnreadableEntry::class);
})->with([
    'a finding that is none' => [EntryKind::FindingNoted, ['finding' => 'haunted', 'answer' => 'yes']],
    'a finding of another family' => [EntryKind::FindingNoted, ['finding' => 'metering_stiff', 'answer' => 'yes']],
    'an answer that is none' => [EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'perhaps']],
    'a grade where there is none' => [EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'strong']],
    'a check that is none' => [EntryKind::CheckAnswered, ['check' => 'prayer', 'answers' => ['floods' => 'yes']]],
    'an answer the check does not give' => [
        EntryKind::CheckAnswered,
        ['check' => 'fuel_sample', 'answers' => ['floods' => 'yes']],
    ],
    'a check without an answer' => [EntryKind::CheckAnswered, ['check' => 'fuel_sample', 'answers' => []]],
    'a fault that is none' => [EntryKind::FaultRepaired, ['fault' => 'gremlins']],
    'a fault of another family' => [EntryKind::FaultRepaired, ['fault' => 'lever_set_low']],
    'a step that is none' => [EntryKind::FlowStepped, ['flow' => 'clear_flooded', 'step' => 'dance', 'worked' => true]],
]);

it('passes over what a newer knowledge has logged', function (): void {
    $bench = told(new Bench, ['floods' => 'yes', 'haunted' => 'yes', 'surges' => 'perhaps'])
        ->add(EntryKind::CheckAnswered, ['check' => 'prayer', 'answers' => ['haunted' => ['no']]])
        ->add(EntryKind::FaultRepaired, ['fault' => 'gremlins']);

    expect(triage($bench)->answers())
        ->toBe(['floods' => Answer::Yes])
        ->and(triage($bench)->case()->repaired)
        ->toBe([]);
});

it('names only faults and findings that exist in what is inspected', function (): void {
    foreach (FamilyFiles::shipped()->ids() as $id) {
        foreach (FamilyFiles::shipped()->of($id)->teardown->inspections as $inspection) {
            expect(array_diff([...$inspection->effects->cures, ...$inspection->effects->renews], array_keys(Knowledge::real()->faults)))
                ->toBe([], $inspection->key)
                ->and(array_diff($inspection->effects->fails, array_keys(Knowledge::real()->findings)))
                ->toBe([], $inspection->key);
        }
    }
});

it('takes what was found by looking as an answer', function (): void {
    $bench = told(new Bench('cube_opposed'), ['stumbles_on_opening' => 'yes'])
        ->all(Station::Strip)
        ->inspect('metering_diaphragm', 'replace', 'crinkles')
        ->inspect('passage_low');
    expect(triage($bench)->answers()['metering_stiff'])
        ->toBe(Answer::Yes)
        ->and(triage($bench)->answers()['low_jets_missing'])
        ->toBe(Answer::No)
        ->and(triage($bench)->case()->repaired)
        ->toBe([]);
    // A new part cures when it is in, not when it is asked for.
    $bench->all(Station::Build);
    expect(triage($bench)->case()->repaired)->toBe(['metering_diaphragm_stiff']);
});

it('has a say in what comes next until the carburetor is begun', function (): void {
    expect(triage(new Bench)->leads())
        ->toBeFalse()
        ->and(triage(told(new Bench, ['surges' => 'some']))->leads())
        ->toBeTrue()
        ->and(triage(told(new Bench, ['surges' => 'some'])->off('air_cleaner'))->leads())
        ->toBeFalse();
});

it('takes a part that was never found for what a bad one shows, until one is in', function (): void {
    $bench = told(new Bench('float_side_pump'), ['no_power' => 'strong']);
    $springs = fn (): ?Answer => triage($bench)->answers()['pump_springs_wrong_count'] ?? null;
    $place = function () use ($bench): int {
        foreach (triage($bench)->diagnosis()->suspects as $i => $suspect) {
            if ($suspect->fault->id === 'pump_springs_misplaced') {
                return $i;
            }
        }

        return 999;
    };
    $before = $place();
    expect($springs())->toBeNull();
    foreach ($bench->family->plan('')->stripOrder() as $part) {
        $part->key === 'face_spring'
            ? $bench->add(EntryKind::PartMissing, ['part' => 'face_spring', 'said' => 'was not there'])
            : $bench->off($part->key);
    }

    expect($springs())
        ->toBe(Answer::Yes)
        ->and($place())
        ->toBeLessThan($before);
    $bench->add(EntryKind::PartAccounted, ['part' => 'face_spring', 'became' => 'new one fitted']);
    expect($springs())->toBeNull();
});

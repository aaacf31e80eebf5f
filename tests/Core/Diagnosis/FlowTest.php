<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\Safety;
use Tests\Core\Diagnosis\Knowledge;

/**
 * @param  array<string, string>  $answers
 * @param  array<string, array{counted: int, worked: bool}>  $steps
 */
function flowRun(string $flow, array $answers, array $steps = [], string $family = 'float_side_pump'): FlowRun
{
    $kind = Knowledge::real()->family($family);

    return FlowRun::of(
        Knowledge::real()->flows[$flow],
        $kind,
        Knowledge::real()->findingsOf($kind),
        array_map(Answer::from(...), $answers),
        $steps,
        Safety::of(Knowledge::real(), []),
    );
}

it('clears a flooded engine, and stops pulling in time', function (): void {
    $done = ['counted' => 0, 'worked' => true];

    expect(flowRun('clear_flooded', [])->at->id)
        ->toBe('dripping')
        ->and(flowRun('clear_flooded', ['fuel_dripping' => 'no'])->at->id)
        ->toBe('choke_off')
        ->and(flowRun('clear_flooded', ['fuel_dripping' => 'no'], ['choke_off' => $done])->at->id)
        ->toBe('pull')
        ->and(
            flowRun(
                'clear_flooded',
                ['fuel_dripping' => 'no'],
                ['choke_off' => $done, 'pull' => ['counted' => 4, 'worked' => false]],
            )->counted,
        )
        ->toBe(4)
        ->and(
            flowRun(
                'clear_flooded',
                ['fuel_dripping' => 'no'],
                ['choke_off' => $done, 'pull' => ['counted' => 5, 'worked' => true]],
            )->at->id,
        )
        ->toBe('fired')
        ->and(
            flowRun(
                'clear_flooded',
                ['fuel_dripping' => 'no'],
                ['choke_off' => $done, 'pull' => ['counted' => 10, 'worked' => false]],
            )->at->id,
        )
        ->toBe('stop_pulling');
});

it('passes by what the family has not', function (): void {
    $done = ['stop' => ['counted' => 0, 'worked' => true]];

    // Gravity-fed: there is no pulse diaphragm to look at. Suction-lift: no line to take off.
    expect(
        flowRun('fuel_in_oil_tree', ['fuel_in_oil' => 'yes', 'needle_leaks' => 'no'], $done, 'float_fixed_jet')->at->id,
    )
        ->toBe('neither')
        ->and(flowRun('runs_only_on_choke_path', [], [], 'suction_lift')->at->id)
        ->toBe('air')
        ->and(
            flowRun(
                'runs_only_on_choke_path',
                ['flow_weak' => 'no', 'changes_when_sprayed' => 'no'],
                [],
                'float_fixed_jet',
            )->at->id,
        )
        ->toBe('dirt');
});

it('ends every flow in every family, whatever is answered', function (string $flow, string $answer): void {
    $known = Knowledge::real();
    foreach ($known->families as $kind) {
        $answers = array_map(fn (): Answer => Answer::from($answer), $known->findingsOf($kind));
        $steps = array_map(
            fn (): array => ['counted' => 99, 'worked' => $answer === 'yes'],
            $known->flows[$flow]->steps,
        );
        // What is only done is done either way.
        foreach ($known->flows[$flow]->steps as $id => $step) {
            $steps[$id]['worked'] = $steps[$id]['worked'] || $step->count === null;
        }
        expect(
            FlowRun::of($known->flows[$flow], $kind, $known->findingsOf($kind), $answers, $steps, Safety::of($known, []))->at->isEnd(),
        )->toBeTrue("{$flow} {$kind->id}");
    }
})
    ->with(array_keys(Knowledge::real()->flows))
    ->with(['yes', 'no']);

it('does not clear an engine that drips', function (): void {
    $run = flowRun('clear_flooded', ['fuel_dripping' => 'yes', 'floods' => 'yes']);

    expect($run->at->isEnd())
        ->toBeTrue()
        ->and($run->at->do)
        ->toStartWith('Do not start it')
        ->and($run->at->caution)
        ->toBe('dripping');
});

it('tells fuel in the oil by how the fuel gets there', function (): void {
    $done = ['stop' => ['counted' => 0, 'worked' => true]];

    expect(flowRun('fuel_in_oil_tree', ['fuel_in_oil' => 'yes', 'needle_leaks' => 'yes'], $done)->at->id)
        ->toBe('needle_end')
        ->and(
            flowRun(
                'fuel_in_oil_tree',
                ['fuel_in_oil' => 'yes', 'needle_leaks' => 'no', 'diaphragm_pinhole' => 'yes'],
                $done,
            )->at->id,
        )
        ->toBe('pump_end')
        ->and(
            flowRun(
                'fuel_in_oil_tree',
                ['fuel_in_oil' => 'yes', 'needle_leaks' => 'no', 'diaphragm_pinhole' => 'no'],
                $done,
            )->at->id,
        )
        ->toBe('neither')
        ->and(flowRun('fuel_in_oil_tree', ['fuel_in_oil' => 'no'])->at->id)
        ->toBe('no_fuel');
});

it('searches by quarter turns, and gives up after six', function (): void {
    $answers = ['runs_only_on_choke' => 'yes', 'flow_weak' => 'no', 'changes_when_sprayed' => 'no'];

    expect(flowRun('runs_only_on_choke_path', $answers, ['turn' => ['counted' => 3, 'worked' => true]])->at->id)
        ->toBe('better')
        ->and(flowRun('runs_only_on_choke_path', $answers, ['turn' => ['counted' => 6, 'worked' => false]])->at->id)
        ->toBe('dirt');
});

it('offers a flow when its finding is there', function (): void {
    $flow = Knowledge::real()->flows['clear_flooded'];

    expect($flow->isOffered(['floods' => Answer::Yes]))
        ->toBeTrue()
        ->and($flow->isOffered(['floods' => Answer::No]))
        ->toBeFalse()
        ->and($flow->isOffered([]))
        ->toBeFalse();
});

it('waits at what cannot be told', function (): void {
    expect(flowRun('pulse_check', ['pulse_hose_soft' => 'cannot_tell'])->at->id)->toBe('hose');
});

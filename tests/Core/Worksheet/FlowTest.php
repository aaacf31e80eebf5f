<?php

declare(strict_types=1);

use DustyJet\Diagnosis\Answer;
use DustyJet\Fuel\UnusableFlow;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Flow\CheckValve;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\Flow\ValveVerdict;
use DustyJet\Worksheet\Measured;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Stale\Staleness;
use Tests\Core\Worksheet\Bench;

function valve(Bench $bench, string $where, bool $holds, bool $passes): Bench
{
    return $bench->add(EntryKind::CheckValveTested, [
        'where' => $where, 'holds_vacuum' => $holds, 'passes_pressure' => $passes,
    ]);
}

function measuredOf(Bench $bench, string $finding): ?Answer
{
    $answers = array_column(Measured::on($bench->sheet()), 1, 0);

    return $answers[$finding] ?? null;
}

it('judges a check valve both ways, in the body and out of it', function (
    string $where,
    bool $holds,
    bool $passes,
    ValveVerdict $verdict,
    ?Answer $leaks,
): void {
    $bench = valve(new Bench('cube_opposed'), $where, $holds, $passes);
    expect($bench->sheet()->of(CheckValve::class)->verdict())
        ->toBe($verdict)
        ->and(measuredOf($bench, 'check_valve_leaks'))
        ->toBe($leaks);
})->with([
    'good' => ['in_body', true, true, ValveVerdict::Good, Answer::No],
    'it may be the putty' => ['in_body', false, true, ValveVerdict::TakeOut, null],
    'leaks and blocked in the body' => ['in_body', false, false, ValveVerdict::TakeOut, null],
    'blocked' => ['in_body', true, false, ValveVerdict::Blocked, null],
    'its press fit' => ['out_of_body', true, true, ValveVerdict::PressFit, Answer::Yes],
    'bad' => ['out_of_body', false, true, ValveVerdict::Bad, Answer::Yes],
    'stuck, out of it' => ['out_of_body', true, false, ValveVerdict::Blocked, null],
]);

it('proves a resealed nozzle only by both ways again (common practice)', function (): void {
    $bench = valve(valve(new Bench('cube_opposed'), 'in_body', false, true), 'out_of_body', true, true);
    $bench->add(EntryKind::ThingTouched, ['thing' => 'nozzle']);
    expect($bench->sheet()->of(Staleness::class)->has(CheckValve::READING))
        ->toBeTrue()
        ->and(measuredOf($bench, 'check_valve_leaks'))
        ->toBeNull();
    valve($bench, 'in_body', true, true);
    expect($bench->sheet()->of(Staleness::class)->has(CheckValve::READING))
        ->toBeFalse()
        ->and(measuredOf($bench, 'check_valve_leaks'))
        ->toBe(Answer::No);
});

it('feeds the diagnosis with what the line delivers, once the power is known', function (): void {
    $deliver = static fn (Bench $b, array $more): Bench => $b->add(
        EntryKind::DeliveryMeasured,
        ['seconds' => 30.0, 'strokes' => '4'] + $more,
    );
    $bench = $deliver(new Bench('float_side_pump'), ['volume_ml' => 10.0]);
    expect(measuredOf($bench, 'flow_weak'))->toBeNull();
    $deliver($bench, ['volume_ml' => 10.0, 'power_kw' => 7.46, 'seat_mm' => 1.6]);
    $latest = $bench->sheet()->of(Deliveries::class)->latest;
    expect(measuredOf($bench, 'flow_weak'))
        ->toBe(Answer::Yes)
        ->and($latest?->seat?->millilitresPerMinute)
        ->toEqualWithDelta(226.7, 0.05);
    $deliver($bench, ['volume_ml' => 100.0, 'power_kw' => 7.46]);
    expect(measuredOf($bench, 'flow_weak'))->toBe(Answer::No);
    $deliver($bench, ['volume_ml' => 40.0, 'power_kw' => 7.46]);
    expect(measuredOf($bench, 'flow_weak'))->toBeNull();
    // The pump was opened since.
    $deliver($bench, ['volume_ml' => 100.0, 'power_kw' => 7.46]);
    $bench->add(EntryKind::ThingTouched, ['thing' => 'diaphragm']);
    expect($bench->sheet()->of(Staleness::class)->has(Deliveries::READING))
        ->toBeTrue()
        ->and(measuredOf($bench, 'flow_weak'))
        ->toBeNull();
});

it('measures only what the family has, and only what can be', function (): void {
    $valve = ['where' => 'in_body', 'holds_vacuum' => true, 'passes_pressure' => true];
    $line = ['volume_ml' => 10.0, 'seconds' => 30.0, 'strokes' => '4'];
    expect(fn () => (new Bench)->refuse(EntryKind::CheckValveTested, $valve))
        ->toThrow(NotAllowedNow::class, 'check valve')
        ->and(fn () => (new Bench('suction_lift'))->refuse(EntryKind::DeliveryMeasured, $line))
        ->toThrow(NotAllowedNow::class, 'fuel line');
    (new Bench('cube_opposed'))->refuse(EntryKind::CheckValveTested, $valve);
    (new Bench)->refuse(EntryKind::DeliveryMeasured, $line);
    // From a file from elsewhere: no such minute, and nothing is kept of it.
    expect(fn () => (new Bench)->refuse(EntryKind::DeliveryMeasured, ['seconds' => 0.1] + $line))
        ->toThrow(UnusableFlow::class)
        ->and((new Bench)->add(EntryKind::DeliveryMeasured, ['seconds' => 0.1] + $line)->sheet()->of(Deliveries::class)->latest)
        ->toBeNull();
});

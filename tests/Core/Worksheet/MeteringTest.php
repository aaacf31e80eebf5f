<?php

declare(strict_types=1);

use DustyJet\BenchLog\LogMovedOn;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\FloatLevel\UnusableFloat;
use DustyJet\Metering\LeverVerdict;
use DustyJet\Metering\SpringRefusal;
use DustyJet\Metering\UnusableSpring;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Stale\Staleness;
use Tests\Core\Worksheet\Bench;

const SPRING = ['wire_mm' => 0.45, 'coil_mm' => 3.2, 'active_coils' => 8, 'free_mm' => 14, 'installed_mm' => 9,
    'ends' => 'squared', 'material' => 'music_wire'];

function popped(Bench $bench, string $pops, bool $wet = true, string $unit = 'psi'): Bench
{
    return $bench->add(EntryKind::PopOffMeasured, ['pops' => $pops, 'unit' => $unit, 'wetted' => $wet]);
}

/** @return list<string> what is to be taken again */
function doubted(Bench $bench): array
{
    return array_map(static fn ($i): string => $i->key, $bench->sheet()->of(Staleness::class)->items());
}

it('brings a kart pumper from 13 / 10 to 10 / 8 by its ledger, wet first (common practice)', function (): void {
    $bench = (new Bench('kart_pumper'))->add(EntryKind::SpringMeasured, SPRING);
    $of = static fn (): Metering => $bench->sheet()->of(Metering::class);
    $cut = ['coils' => 1.0];
    expect(fn () => $bench->refuse(EntryKind::SpringShortened, $cut))->toThrow(NotAllowedNow::class, 'Nothing was popped');
    popped($bench, '13/10 12.9/10 13.1/10', wet: false);
    expect(fn () => $bench->refuse(EntryKind::SpringShortened, $cut))->toThrow(NotAllowedNow::class, 'dry');
    popped($bench, '12.5/9.5 12.6/9.5');
    expect(fn () => $bench->refuse(EntryKind::SpringShortened, $cut))->toThrow(NotAllowedNow::class, 'Fewer than three');
    popped($bench, '12.5/9.5 12.6/9.5 12.4/9.5');
    $bench->refuse(EntryKind::SpringShortened, $cut);

    // As the force of the spring that is left has it: the first coil of closed ends carries nothing.
    $toward = $of()->toward(GaugePressure::ofPsi(10.0));
    expect($toward?->coils)
        ->toBeGreaterThan(0.0)
        ->and($toward?->pop?->inPsi())
        ->toEqualWithDelta(10.0, 1.2);
    $bench->add(EntryKind::SpringShortened, $cut);
    expect(doubted($bench))
        ->toBe(['pop_off'])
        ->and(fn () => $bench->refuse(EntryKind::SpringShortened, $cut))
        ->toThrow(NotAllowedNow::class, 'cut since')
        ->and($of()->toward(GaugePressure::ofPsi(10.0)))
        ->toBeNull();
    popped($bench, '10.1/8 10/8 9.9/8.1');

    expect(doubted($bench))
        ->toBe([])
        ->and(array_map(static fn ($t): array => [$t->isWet, $t->coilsOff, round($t->series->meanPop()->inPsi(), 1)], $of()->trials))
        ->toBe([[false, 0.0, 13.0], [true, 0.0, 12.6], [true, 0.0, 12.5], [true, 1.0, 10.0]])
        ->and($of()->coilsOff)
        ->toBe(1.0);
    // Measured anew, it is a spring of its own.
    $bench->add(EntryKind::SpringMeasured, ['active_coils' => 7.5] + SPRING);
    expect($of()->coilsOff)->toBe(0.0)->and($of()->spring?->activeCoils)->toBe(7.5);
});

it('reads pops as they are typed, in psi and kPa', function (string $typed, string $unit, array $psi): void {
    $bench = popped(new Bench('kart_pumper'), $typed, unit: $unit);
    $pops = $bench->sheet()->of(Metering::class)->latest()->series->pops;

    expect(array_map(static fn ($p): array => [round($p->pop->inPsi(), 2), round($p->reseat->inPsi(), 2)], $pops))->toBe($psi);
})->with([
    ['13/10', 'psi', [[13.0, 10.0]]],
    ["13/10\n12,8/9.9", 'psi', [[13.0, 10.0], [12.8, 9.9]]],
    [' 13/10, 12.8/9.9;13.1/10 ', 'psi', [[13.0, 10.0], [12.8, 9.9], [13.1, 10.0]]],
    ['89.6/68.9', 'kpa', [[13.0, 9.99]]],
]);

it('refuses pops that cannot be, and passes over them in a file', function (string $typed): void {
    $bench = new Bench('kart_pumper');
    $payload = ['pops' => $typed, 'unit' => 'psi', 'wetted' => true];
    expect(fn () => $bench->refuse(EntryKind::PopOffMeasured, $payload))->toThrow(UnreadableEntry::class, '13/10');
    popped($bench, $typed);
    expect($bench->sheet()->of(Metering::class)->trials)->toBe([]);
})->with(['thirteen', '13', '10/13', '10/10', '13/-1', '1300/10', '61/10', '13/10/8', str_repeat('13/10 ', 21)]);

it('measures only what the family has', function (): void {
    $float = new Bench('float_pilot_jet');
    $kart = new Bench('kart_pumper');
    $lever = ['measured_mm' => 1.4, 'target_mm' => 1.0, 'tolerance_mm' => 0.1, 'datum' => 'down'];
    $gaps = ['front_mm' => 15, 'rear_mm' => 14, 'length_mm' => 40];
    foreach ([
        [EntryKind::PopOffMeasured, ['pops' => '13/10', 'unit' => 'psi', 'wetted' => true], $float],
        [EntryKind::SpringMeasured, SPRING, $float],
        [EntryKind::LeverMeasured, $lever, $float],
        [EntryKind::FloatMeasured, $gaps, $kart],
    ] as [$kind, $payload, $bench]) {
        expect(fn () => $bench->refuse($kind, $payload))->toThrow(NotAllowedNow::class, 'this family has none');
    }
    $float->refuse(EntryKind::FloatMeasured, $gaps);
    $kart->refuse(EntryKind::LeverMeasured, $lever);
});

it('keeps no spring and no float that cannot be', function (): void {
    $kart = new Bench('kart_pumper');
    $float = new Bench('float_pilot_jet');
    expect(fn () => $kart->refuse(EntryKind::SpringMeasured, ['wire_mm' => 3.0] + SPRING))
        ->toThrow(UnusableSpring::class)
        ->and(fn () => $float->refuse(EntryKind::FloatMeasured, ['front_mm' => 400, 'rear_mm' => 1, 'length_mm' => 40]))
        ->toThrow(UnusableFloat::class);
    $kart->add(EntryKind::SpringMeasured, ['wire_mm' => 3.0] + SPRING);
    $float->add(EntryKind::FloatMeasured, ['front_mm' => 400, 'rear_mm' => 1, 'length_mm' => 40]);
    popped($kart, '13/10 13/10 13/10');

    expect($kart->sheet()->of(Metering::class)->toward(GaugePressure::ofPsi(10.0)))
        ->toBeNull()
        ->and($float->sheet()->of(FloatGaps::class)->latest)
        ->toBeNull();
});

it('proposes no cut for a pop-off above the present one', function (): void {
    $bench = popped((new Bench('kart_pumper'))->add(EntryKind::SpringMeasured, SPRING), '9/7 9/7 9/7');

    expect($bench->sheet()->of(Metering::class)->toward(GaugePressure::ofPsi(10.0))?->refused)->toBe(SpringRefusal::TargetAbove);
});

it('says which way a lever is out, and doubts what rests on it when it is bent', function (): void {
    $bench = popped(new Bench('kart_pumper'), '13/10 13/10 13/10')->add(EntryKind::LeverMeasured, [
        'measured_mm' => 1.4, 'target_mm' => 1.0, 'tolerance_mm' => 0.1, 'datum' => 'down',
    ]);
    $lever = $bench->sheet()->of(Metering::class)->lever;
    expect($lever?->height->verdict)
        ->toBe(LeverVerdict::Low)
        ->and($lever?->height->bendTab)
        ->toEqualWithDelta(0.4, 1e-9);

    $bench->add(EntryKind::ThingTouched, ['thing' => 'lever']);
    expect(doubted($bench))->toBe(['pop_off', 'lever_height']);
    $bench->add(EntryKind::LeverMeasured, ['measured_mm' => 1.0, 'target_mm' => 1.0, 'tolerance_mm' => 0.1, 'datum' => 'down']);
    expect(doubted($bench))->toBe(['pop_off']);
});

it('doubts needle, lever and float with what they rest on', function (): void {
    $float = (new Bench('float_pilot_jet'))->add(EntryKind::FloatMeasured, ['front_mm' => 15, 'rear_mm' => 14, 'length_mm' => 40]);
    expect($float->sheet()->of(FloatGaps::class)->latest?->tilt->degrees)->toEqualWithDelta(rad2deg(atan(1 / 40)), 1e-9);
    $float->add(EntryKind::ThingTouched, ['thing' => 'float_tang']);
    expect(doubted($float))->toBe(['float_level']);
    $float->add(EntryKind::FloatMeasured, ['front_mm' => 14, 'rear_mm' => 14, 'length_mm' => 40]);
    expect(doubted($float))->toBe([]);
    $kart = popped(new Bench('kart_pumper'), '13/10')->add(EntryKind::ThingTouched, ['thing' => 'needle_seat']);
    expect(doubted($kart))->toBe(['pop_off']);
});

it('lets no two people cut a spring unseen', function (): void {
    $bench = popped((new Bench('kart_pumper'))->add(EntryKind::SpringMeasured, SPRING), '13/10 13/10 13/10');
    $seen = count($bench->entries);
    $bench->add(EntryKind::SpringShortened, ['coils' => 0.5]);
    popped($bench, '12/9 12/9 12/9');

    expect(fn () => $bench->refuse(EntryKind::SpringShortened, ['coils' => 0.5], $seen))->toThrow(LogMovedOn::class);
});

it('minds no pops of another in between, and no note', function (): void {
    $bench = popped((new Bench('kart_pumper'))->add(EntryKind::SpringMeasured, SPRING), '13/10 13/10 13/10');
    $seen = count($bench->entries);
    popped($bench, '12/9 12/9 12/9')->add(EntryKind::NoteAdded, ['text' => 'popped it again']);
    $bench->refuse(EntryKind::SpringShortened, ['coils' => 0.5], $seen);
    $bench->add(EntryKind::SpringMeasured, SPRING);

    expect(fn () => $bench->refuse(EntryKind::SpringShortened, ['coils' => 0.5], $seen))->toThrow(LogMovedOn::class);
});

it('reckons what any cut would do from the pops of the spring uncut, and stays with them after the cut', function (): void {
    $spring = ['wire_mm' => 0.45, 'coil_mm' => 3.2, 'active_coils' => 8, 'free_mm' => 14, 'installed_mm' => 9,
        'ends' => 'squared', 'material' => 'music_wire'];
    $pops = static fn (Bench $b, string $pops, bool $wet): Bench => $b->add(
        EntryKind::PopOffMeasured,
        ['pops' => $pops, 'unit' => 'psi', 'wetted' => $wet],
    );
    $psi = static fn (Bench $b, float $coils): ?float => $b->sheet()->of(Metering::class)->popsAfter($coils)?->inPsi();
    $bench = $pops(new Bench('kart_pumper'), '13/10 13/10 13/10', false);
    $bench->add(EntryKind::SpringMeasured, $spring);
    // Dry pops are no base.
    expect($psi($bench, 0.0))->toBeNull();
    $pops($bench, '12/9 12/9 12/9', true);
    // By hand (Shigley, F = k x): the first coil cut is the closed one, one wire of length; of the rest each takes a
    // pitch of (14 - 3 x 0.45) / 8 mm and one of eight coils: 12 psi x 8/7 x (5 - 0.45 - 1.58125) / 5.
    expect($psi($bench, 0.0))
        ->toEqualWithDelta(12.0, 1e-9)
        ->and($psi($bench, 1.0))
        ->toEqualWithDelta(12.0 * 4.55 / 5.0, 1e-9)
        ->and($psi($bench, 2.0))
        ->toEqualWithDelta(12.0 * 8 / 7 * (5.0 - 0.45 - 1.58125) / 5.0, 1e-9);
    $bench->add(EntryKind::SpringShortened, ['coils' => 1.0]);
    $pops($bench, '11/8 11/8 11/8', true);
    expect($psi($bench, 1.0))->toEqualWithDelta(12.0 * 4.55 / 5.0, 1e-9);
    // Solid as installed: nothing is reckoned.
    $bench->add(EntryKind::SpringMeasured, ['installed_mm' => 4.5] + $spring);
    expect($psi($bench, 0.0))->toBeNull();
});

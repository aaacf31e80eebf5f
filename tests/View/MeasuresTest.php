<?php

declare(strict_types=1);

use App\View\Report\ReportMeasures;
use App\View\Stations\BenchTest\ArrangeForm;
use App\View\Stations\BenchTest\DryAndWet;
use App\View\Stations\BenchTest\Measures\FloatCard;
use App\View\Stations\BenchTest\Measures\LeakMapCard;
use App\View\Stations\BenchTest\Measures\LeverCard;
use App\View\Stations\BenchTest\Measures\PopOffCard;
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Attitude;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\LeakMap\LeakMap;
use Tests\Core\Worksheet\Bench;

function levelled(float $measured, string $datum = 'down'): LeverCard
{
    return LeverCard::of((new Bench('kart_pumper'))->add(EntryKind::LeverMeasured, [
        'measured_mm' => $measured, 'target_mm' => 1.0, 'tolerance_mm' => 0.1, 'datum' => $datum,
    ])->sheet());
}

it('draws the lever as far out as it is, up where it is high, whichever way the card reads', function (): void {
    expect(levelled(1.0)->tipY)
        ->toBe(60.0)
        ->and(levelled(1.4)->tipY)
        ->toEqualWithDelta(60.0 + 0.4 * 32, 1e-6)
        ->and(levelled(1.4, 'up')->tipY)
        ->toEqualWithDelta(60.0 - 0.4 * 32, 1e-6)
        // A wild one stays on the paper.
        ->and(levelled(30.0)->tipY)
        ->toBe(104.0)
        ->and(levelled(1.0)->arrow)
        ->toBe('')
        ->and(levelled(1.4)->arrow)
        ->not->toBe('');
});

it('says which way to bend and what the error does', function (float $measured, string $says, string $does): void {
    $card = levelled($measured);
    expect($card->says)->toContain($says)->and($card->does)->toContain($does);
})->with([
    [1.4, 'Low by 0.4 mm: bend the tab so that it comes up 0.4 mm.', 'lean'],
    [0.6, 'High by 0.4 mm: bend the tab so that it goes down 0.4 mm.', 'floods'],
    [1.05, 'Within its card.', ''],
]);

it('tilts the float as its gaps are, and says how it rides', function (
    float $front,
    float $degrees,
    string $says,
    string $does,
): void {
    $card = FloatCard::of((new Bench)->add(EntryKind::FloatMeasured, [
        'front_mm' => $front, 'rear_mm' => 14, 'length_mm' => 40,
    ])->sheet());
    expect($card->degrees)
        ->toEqualWithDelta($degrees, 0.01)
        ->and($card->says)
        ->toContain($says)
        ->and($card->does)
        ->toContain($does);
})->with([
    [16.0, 2.86, 'rides high', 'away from the needle'],
    [12.0, -2.86, 'rides low', 'toward the needle'],
    [14.4, 0.57, 'Parallel', ''],
    [200.0, 14.0, 'rides high', ''],
]);

it('keeps the ledger of pops with what each moved, and what a cut would do', function (): void {
    $bench = (new Bench('kart_pumper'))
        ->add(EntryKind::PopOffMeasured, ['pops' => '13/10 12.9/10 13.1/10', 'unit' => 'psi', 'wetted' => false])
        ->add(EntryKind::PopOffMeasured, ['pops' => '12.5/9.5 12.6/9.5 12.4/9.5', 'unit' => 'psi', 'wetted' => true])
        ->add(EntryKind::SpringMeasured, ['wire_mm' => 0.45, 'coil_mm' => 3.2, 'active_coils' => 8, 'free_mm' => 14,
            'installed_mm' => 9, 'ends' => 'squared', 'material' => 'music_wire']);
    $card = PopOffCard::of($bench->sheet());

    expect(array_column($card->trials, 'pop'))
        ->toBe(['13.0', '12.5'])
        ->and(array_column($card->trials, 'trend'))
        ->toBe(['', '0.5 down'])
        ->and($card->trials[0]['spread'])
        ->toBe('± 0.1')
        ->and($card->forbids)
        ->toBeNull()
        ->and(array_column($card->cuts, 'target'))
        ->toBe(['12', '11', '10', '9', '8'])
        ->and(PopOffCard::note($bench->sheet()))
        ->toBe('12.5 psi');
    $bench->add(EntryKind::SpringShortened, ['coils' => 0.5]);
    $after = PopOffCard::of($bench->sheet());
    expect(PopOffCard::note($bench->sheet()))->toBe('re-check')->and($after->cuts)->toBe([])->and($after->forbids)->toContain('pop it again');
});

it('maps a leak: suspects with chances and flows, what is cleared, what to do next', function (): void {
    $bench = (new Bench('cube_opposed'))->hold(3.0, wetted: true);
    $card = LeakMapCard::of($bench->sheet(), LeakMap::of($bench->sheet()));
    expect($card->rows[0]['joint'])
        ->toBe('Inlet needle on its seat')
        ->and($card->next)
        ->not->toBeNull()
        ->and(array_column(array_filter($card->tests, static fn (array $t): bool => $t['isNext']), 'value'))
        ->toBe([$card->next['key']])
        ->and($card->groups)
        ->not->toBe([]);
    $bench->add(EntryKind::LeakIsolated, ['isolation' => 'stub', 'outcome' => 'holds', 'flow_ml_min' => 0.0]);
    $bench->add(EntryKind::LeakIsolated, ['isolation' => 'soap', 'outcome' => 'leaks', 'bubbled' => 'barb']);
    $card = LeakMapCard::of($bench->sheet(), LeakMap::of($bench->sheet()));
    $states = array_column($card->rows, 'state', 'joint');

    expect($states['Inlet barb in its bore'])
        ->toBe('leaks')
        ->and($states['Inlet needle on its seat'])
        ->toBe('cleared')
        ->and(LeakMapCard::note($bench->sheet(), LeakMap::of($bench->sheet())))
        ->toBe('Inlet barb in its bore')
        ->and($card->contradicts)
        ->toBe('')
        ->and(LeakMapCard::of((new Bench('pulse_pump'))->sheet(), null)->rows)
        ->toBe([]);
    $bench->add(EntryKind::LeakIsolated, ['isolation' => 'needle_alone', 'outcome' => 'leaks', 'flow_ml_min' => 9.0]);
    expect(LeakMapCard::of($bench->sheet(), LeakMap::of($bench->sheet()))->contradicts)->toContain('cannot both be right');
});

it('puts each measure on the report', function (): void {
    $bench = (new Bench('kart_pumper'))
        ->add(EntryKind::PopOffMeasured, ['pops' => '13/10 13/10 13/10', 'unit' => 'psi', 'wetted' => true])
        ->add(EntryKind::LeverMeasured, ['measured_mm' => 1.4, 'target_mm' => 1.0, 'tolerance_mm' => 0.1, 'datum' => 'down'])
        ->add(EntryKind::LeakIsolated, ['isolation' => 'soap', 'outcome' => 'leaks', 'bubbled' => 'barb']);
    $float = (new Bench)->add(EntryKind::FloatMeasured, ['front_mm' => 15, 'rear_mm' => 14, 'length_mm' => 40]);

    expect(array_column(ReportMeasures::of($bench->sheet()), 'result'))
        ->toBe(['Opens at 13.0 psi, shuts at 10.0 psi', '1.4 mm (card 1 mm, within 0.1)', 'Bubbles at inlet barb in its bore'])
        ->and(array_column(ReportMeasures::of($float->sheet()), 'result'))
        ->toBe(['15 mm at the front, 14 at the hinge']);
});

it('sets the dry run beside the wet one, and says what wetting did', function (
    float $dry,
    float $wet,
    ?string $says,
): void {
    $bench = (new Bench('cube_opposed'))->hold($dry)->hold($wet, wetted: true);
    $pair = DryAndWet::of($bench->sheet()->of(Holds::class)->all);
    expect($pair?->says)->toBe($says);
})->with([
    'it was only dry' => [3.0, 0.0, 'It was only dry: wetted, it holds.'],
    'it holds both ways' => [0.0, 0.0, 'It holds, dry and wet.'],
    'it helped' => [6.0, 2.0, 'Wetting helped and was not enough: it leaks.'],
    'it did nothing' => [3.0, 3.0, 'Wetting changed nothing: it leaks.'],
]);

it('has no pair of two runs alike', function (): void {
    $holds = (new Bench)->hold(3.0, wetted: true)->hold(0.0)->sheet()->of(Holds::class)->all;
    expect(DryAndWet::of($holds))->toBeNull()->and(DryAndWet::of(array_slice($holds, 0, 1)))->toBeNull();
});

it('arranges the next run as the last one was, else as the family is held', function (): void {
    $chosen = static fn (ArrangeForm $f): array => array_column(
        array_filter($f->attitudes, static fn (array $a): bool => $a['isChosen']),
        'value',
    );
    $float = (new Bench)->family;
    $cube = (new Bench('cube_opposed'))->family;
    $last = ArrangeForm::of(new Arrangement(true, Attitude::AsItHangs, ['pulse']), $cube);
    expect($chosen(ArrangeForm::of(null, $float)))
        ->toBe(['inverted'])
        ->and($chosen(ArrangeForm::of(null, $cube)))
        ->toBe(['upright'])
        ->and($chosen($last))
        ->toBe(['as_it_hangs'])
        ->and(array_column($last->seals, 'isSealed', 'part')['pulse'])
        ->toBeTrue()
        ->and($last->said)
        ->toBe('as it hangs on the engine, pulse port plugged')
        ->and(array_column(ArrangeForm::of(null, $float)->seals, 'part'))
        ->not->toContain('pulse', 'lever');
});

<?php

declare(strict_types=1);

use App\View\Report\ReportMeasures;
use App\View\Stations\BenchTest\BenchTab;
use App\View\Stations\BenchTest\BenchTestWork;
use App\View\Stations\BenchTest\Measures\CheckValveCard;
use App\View\Stations\BenchTest\Measures\DeliveryCard;
use App\View\Stations\BenchTest\Measures\FloatCard;
use App\View\Stations\BenchTest\Unfolding;
use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;
use Tests\View\Sheets;

function floated(Bench $bench, array $more = []): FloatCard
{
    return FloatCard::of($bench->add(
        EntryKind::FloatMeasured,
        ['front_mm' => 16.0, 'rear_mm' => 14.0, 'length_mm' => 40.0] + $more,
    )->sheet());
}

it('measures the float against its card where there is one, else against its hinge', function (): void {
    expect(floated(new Bench)->says)
        ->toContain('larger by 2 mm')
        ->and(floated(new Bench, ['target_mm' => 16.3])->says)
        ->toContain('At its card, within 0.3 mm')
        ->and(floated(new Bench, ['target_mm' => 19.0])->says)
        ->toContain('smaller by 3 mm');
});

it('says how far the tang goes once the arms are known, and what the weight proves', function (): void {
    $weight = ['mass_g' => 4.0, 'arm_float_mm' => 30.0, 'arm_tang_mm' => 8.0, 'seat_mm' => 1.6];
    $bench = (new Bench)->add(EntryKind::FloatWeighed, $weight + ['volume_ml' => 12.0, 'submerged_percent' => 60.0]);
    $card = floated($bench);
    expect($card->tang)
        // 2 mm x 8 / 30.
        ->toContain('moves 0.53 mm')
        ->and($card->weight->lines[0])
        // models: 4 g, arms 30 / 8, seat 1.6 mm: 10.61 psi.
        ->toContain('up to 10.6 psi: a test at 5 psi is fair.')
        ->and($card->weight->lines[1])
        ->toContain('times half a metre of petrol')
        ->and($card->weight->isWarning)
        ->toBeFalse();
    $light = FloatCard::of($bench->add(EntryKind::FloatWeighed, ['mass_g' => 1.8] + $weight)->sheet())->weight;
    expect($light->lines[0])->toContain('not fair: a leak there means nothing')->and($light->isWarning)->toBeTrue();
    $drunk = FloatCard::of($bench->add(EntryKind::FloatWeighed, ['mass_g' => 4.3, 'sound_g' => 4.0] + $weight)->sheet());
    expect($drunk->weight->lines[0])->toContain('it has drunk fuel')->and($drunk->weight->isWarning)->toBeTrue();
    // A twentieth more is the balance's.
    $sound = FloatCard::of($bench->add(EntryKind::FloatWeighed, ['mass_g' => 4.2, 'sound_g' => 4.0] + $weight)->sheet());
    expect($sound->weight->lines[0])->not->toContain('drunk');
});

it('calls one good fill on the bench a false pass until it is filled in its attitude', function (): void {
    $test = static fn (Bench $b, string $test): Bench => $b->add(EntryKind::TestDone, ['test' => $test, 'passed' => true]);
    $bench = $test(new Bench('outboard_bank'), 'bulb');
    expect(FloatCard::of($bench->sheet())->falsePass)->toContain('three times in its real attitude');
    $test($bench, 'attitude');
    expect(FloatCard::of($bench->sheet())->falsePass)
        ->toBe('')
        ->and(FloatCard::of((new Bench)->sheet())->falsePass)
        ->toBe('');
});

it('reads the tilt off a photo into the same card and the report', function (): void {
    $bench = (new Bench)->add(EntryKind::FloatSighted, [
        'face_x1' => 0.0, 'face_y1' => 500.0, 'face_x2' => 1000.0, 'face_y2' => 500.0,
        'float_x1' => 0.0, 'float_y1' => 200.0, 'float_x2' => 1000.0, 'float_y2' => 100.0, 'length_mm' => 40.0,
    ]);
    $card = FloatCard::of($bench->sheet());
    expect($card->says)
        ->toContain('larger by 4 mm, 5.7°')
        ->and($card->degrees)
        ->toEqualWithDelta(5.71, 0.01)
        ->and(array_column(ReportMeasures::of($bench->sheet()), 'result'))
        ->toContain('5.7° to the face, by a photo');
});

it('walks a check valve through the trade: leaks in the body, alone on a hose, resealed, good', function (): void {
    $bench = new Bench('cube_opposed');
    $try = static fn (string $where, bool $holds): CheckValveCard => CheckValveCard::of($bench->add(
        EntryKind::CheckValveTested,
        ['where' => $where, 'holds_vacuum' => $holds, 'passes_pressure' => true],
    )->sheet());
    expect(CheckValveCard::note($bench->sheet()))->toBe('not tried');
    $card = $try('in_body', false);
    expect($card->does)->toContain('alone on a hose')->and($card->isOutNext)->toBeTrue();
    $card = $try('out_of_body', true);
    expect($card->says)->toContain('press fit')->and($card->isOutNext)->toBeFalse();
    $bench->add(EntryKind::ThingTouched, ['thing' => 'nozzle']);
    expect(CheckValveCard::note($bench->sheet()))
        ->toBe('re-check')
        ->and(CheckValveCard::of($bench->sheet())->says)
        ->toContain('both ways again');
    $card = $try('in_body', true);
    expect($card->says)
        ->toContain('good')
        ->and(array_column($card->trials, 'came'))
        ->toBe(['vacuum holds, pressure passes', 'vacuum holds, pressure passes', 'vacuum leaks, pressure passes'])
        ->and(ReportMeasures::of($bench->sheet()))
        ->toHaveCount(3);
});

it('draws the delivery beside what the engine drinks and its seat passes, to one scale', function (): void {
    $line = ['volume_ml' => 50.0, 'seconds' => 30.0, 'strokes' => '4', 'power_kw' => 7.46, 'seat_mm' => 1.6];
    $card = DeliveryCard::of((new Bench)->add(EntryKind::DeliveryMeasured, $line)->sheet());
    $widths = array_column($card->bars, 'width', 'name');
    expect(array_column($card->bars, 'text'))
        ->toBe(['100 ml/min', '67 ml/min', '227 ml/min'])
        ->and($widths['Seat passes'])
        ->toBe(230.0)
        ->and($widths['Delivered'])
        ->toEqualWithDelta(230.0 * 100.0 / 226.7, 0.1)
        ->and($card->says)
        ->toContain('1.5 times what it drinks: little in hand')
        ->and($card->how)
        ->toContain('from memory');
});

it('has a tab for every test of every family, and each test in one of its tabs', function (): void {
    foreach (FamilyFiles::shipped()->ids() as $id) {
        $family = FamilyFiles::shipped()->of($id);
        $tabs = BenchTab::of($family);
        expect($tabs)->not->toBe([], $id);
        foreach (array_keys($family->proof->tests) as $test) {
            expect(in_array(BenchTab::ofTest($test), $tabs, true))->toBeTrue("{$id}: {$test}");
        }
    }
});

it('unfolds each number into its equation, its trust and its source', function (): void {
    $of = static fn (Bench $b, BenchTab $tab): ?Unfolding => Unfolding::of($tab, Sheets::seen($b, Station::BenchTest));
    $kart = (new Bench('kart_pumper'))
        ->add(EntryKind::PopOffMeasured, ['pops' => '13/10 12.8/10 13.2/10', 'unit' => 'psi', 'wetted' => true])
        ->add(EntryKind::LeverMeasured, ['measured_mm' => 1.4, 'target_mm' => 1.0, 'tolerance_mm' => 0.1, 'datum' => 'down'])
        ->hold(3.0, wetted: true);
    $float = (new Bench)->add(EntryKind::FloatMeasured, ['front_mm' => 16.0, 'rear_mm' => 14.0, 'length_mm' => 40.0]);
    $line = ['volume_ml' => 50.0, 'seconds' => 30.0, 'strokes' => '4'];
    expect($of($kart, BenchTab::Hold)?->numbers)
        ->toStartWith('V 18 ml; Q ')
        ->and($of($kart, BenchTab::Hold)?->uncertainty)
        ->toStartWith('95 %: ')
        ->and($of($kart, BenchTab::Leaks)?->source)
        ->toContain('from memory')
        ->and($of($kart, BenchTab::PopOff)?->numbers)
        ->toBe('3 pops, mean 13.00 psi')
        ->and($of($kart, BenchTab::PopOff)?->uncertainty)
        ->toContain('± 0.2 psi')
        ->and($of($kart, BenchTab::Lever)?->numbers)
        ->toBe('1.4 − 1 mm')
        ->and($of($float, BenchTab::Float)?->numbers)
        ->toBe('(16 − 14) / 40 mm')
        ->and($of($float->add(EntryKind::DeliveryMeasured, $line), BenchTab::Delivery)?->numbers)
        ->toBe('50 ml × 60 / 30 s')
        ->and($of(new Bench, BenchTab::Hold))
        ->toBeNull()
        ->and($of($kart, BenchTab::CheckValve))
        ->toBeNull();
});

it('turns no engine over while something forbids to start it', function (): void {
    $of = static fn (Bench $b): BenchTestWork => BenchTestWork::of(Sheets::seen($b, Station::BenchTest, 'delivery'));
    $bench = new Bench;
    expect($of($bench)->tests)->toHaveCount(1)->and($of($bench)->card->notNow)->toBe('');
    $bench->add(EntryKind::FindingNoted, ['finding' => 'fuel_dripping', 'answer' => 'yes']);
    expect($of($bench)->tests)->toBe([])->and($of($bench)->card->notNow)->not->toBe('');
});

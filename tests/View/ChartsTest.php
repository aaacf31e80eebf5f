<?php

declare(strict_types=1);

use App\View\Charts\ChartPaper;
use App\View\Charts\CutCurve;
use App\View\Charts\DialFace;
use App\View\Charts\Gauge;
use App\View\Charts\MixtureChart;
use App\View\Charts\MixtureMarks;
use App\View\Charts\StripChart;
use App\View\Charts\TachBar;
use DustyJet\Carburetor\Sense;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Screws\AdjusterState;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Worksheet\Bench;

/** @param  array<array-key, float>  $run turns => rpm */
function adjuster(string $found = '1 3/4', Sense $sense = Sense::Fuel, array $run = []): AdjusterState
{
    $adjuster = (new Bench)->family->adjusters['idle_mixture']->metering($sense);
    $readings = array_map(
        fn (string|int $turns, float $rpm): MixtureReading => new MixtureReading(
            Turns::parse((string) $turns),
            RotationalSpeed::ofRpm($rpm),
        ),
        array_keys($run),
        $run,
    );

    $read = static fn (AdjusterState $s, MixtureReading $r): AdjusterState => $s->read($r);

    return array_reduce($readings, $read, AdjusterState::untouched($adjuster)->found(Turns::parse($found)));
}

it('turns the slot the true way: out is counter-clockwise', function (string $turns, float $degrees): void {
    expect(DialFace::of(adjuster(), Turns::parse($turns))->turns->slotDegrees)->toBe($degrees);
})->with([['1/4', -90.0], ['1 1/2', -180.0], ['2', 0.0], ['3/4', -270.0]]);

it('fills one ring for each whole turn', function (): void {
    $face = DialFace::of(adjuster(), Turns::parse('1 1/4'));

    expect($face->rings[0]['full'])
        ->toBeTrue()
        ->and($face->rings[1]['full'])
        ->toBeFalse()
        ->and($face->rings[1]['path'])
        ->toStartWith('M140 32');
    // A quarter turn out ends left of the centre, a quarter of the way round counter-clockwise.
    preg_match('/ ([\d.]+) ([\d.]+)$/', $face->rings[1]['path'], $end);
    expect((float) $end[1])->toEqualWithDelta(42.0, 0.1)->and((float) $end[2])->toEqualWithDelta(130.0, 0.1);
});

it('has a ring for every value it must show', function (string $found, int $rings): void {
    expect(DialFace::of(adjuster($found), Turns::parse('1'))->rings)->toHaveCount($rings);
})->with([['1 3/4', 2], ['3 1/2', 4], ['5 3/4', 6], ['12', 6]]);

it('says the dial in a sentence, and which way is richer', function (): void {
    $fuel = DialFace::of(adjuster(), Turns::parse('1 1/2'));
    $air = DialFace::of(adjuster(sense: Sense::Air), Turns::parse('1 1/2'));

    expect($fuel->valueText)
        ->toBe("1\u{00A0}1/2 turns out, found 1 3/4, book 1 1/2")
        ->and($fuel->out->word)
        ->toBe('richer')
        ->and($fuel->out->class)
        ->toBe('rich')
        ->and($air->out->word)
        ->toBe('leaner')
        ->and($air->out->class)
        ->toBe('lean');
});

it('points the gauge over 270 degrees', function (float $psi, float $degrees): void {
    expect(Gauge::showing(PressureUnit::Psi, $psi, null, 5.0, 8.0)->pointerDegrees)->toBe($degrees);
})->with([[0.0, -135.0], [5.0, 0.0], [10.0, 135.0], [99.0, 135.0], [-3.0, -135.0]]);

it('says the gauge in a sentence', function (): void {
    expect(Gauge::showing(PressureUnit::Psi, 4.018, 5.0, 5.0, 8.0)->label)
        ->toBe('Pressure gauge, 4.02 psi, target 5 psi, danger above 8 psi')
        ->and(Gauge::showing(PressureUnit::InchOfMercury, 15.0, null, 15.0, null)->label)
        ->toBe('Vacuum gauge, 15.00 inHg, target 15 inHg');
});

it('keeps every point of a strip chart on the paper', function (float $flow, bool $narrow): void {
    $bench = (new Bench)->hold($flow);
    $hold = $bench->sheet()->of(Holds::class)->latest();
    $leak = new ScriptedLeak(
        new Rig(Volume::ofMillilitres(18.0)),
        LeakShape::Linear,
        Flow::ofMillilitresPerMinute($flow),
        noisePsi: 0.008,
        stepPsi: 0.02,
    );
    $trace = $leak->trace(range(0, 90, 2), new Randomizer(new Mt19937(9)));
    $chart = StripChart::both($hold, $trace)[$narrow ? 'narrow' : 'wide'];

    expect($chart->points)
        ->toHaveCount(46)
        ->and(substr_count($chart->dots(true).$chart->dots(false), 'h0'))
        ->toBe(46)
        ->and($chart->label)
        ->toContain('falling to');
    foreach ($chart->points as $point) {
        expect($point['x'])
            ->toBeGreaterThanOrEqual(30.0)
            ->toBeLessThanOrEqual($chart->paper->right())
            ->and($point['y'])
            ->toBeGreaterThanOrEqual(0.0)
            ->toBeLessThanOrEqual((float) $chart->paper->height);
    }
    foreach ($chart->levels as $level) {
        expect($level['y'])->toBeLessThanOrEqual($chart->paper->bottom() + 0.1);
    }
})
    ->with([0.0, 0.5, 4.0])
    ->with([false, true]);

it('draws lean on the left, whichever way the screw turns', function (Sense $sense): void {
    $run = ['1' => 1500.0, '1 1/4' => 1650.0, '1 1/2' => 1720.0, '1 3/4' => 1690.0, '2' => 1600.0];
    $state = adjuster(sense: $sense, run: $run);
    $chart = MixtureChart::of($state, RunSoFar::judged($state, FamilyFiles::shipped()->of('float_pilot_jet')->card), [1700.0, 1850.0]);

    // With a fuel screw more turns are richer and lie right; with an air screw they lie left.
    expect($chart->points[0]['x'] < $chart->points[4]['x'])
        ->toBe($sense === Sense::Fuel)
        ->and($chart->leanEdge === null || $chart->richEdge === null || $chart->leanEdge < $chart->richEdge)
        ->toBeTrue()
        ->and($chart->peak?->text)
        ->toStartWith('fastest')
        ->and($chart->points[4]['now'])
        ->toBeTrue();
})->with([Sense::Fuel, Sense::Air]);

it('prints no label of a run over a point or off its paper', function (array $run, ChartPaper $paper): void {
    $state = adjuster(run: $run);
    $card = FamilyFiles::shipped()->of('float_pilot_jet')->card;
    $chart = MixtureChart::of($state, RunSoFar::judged($state, $card), [1700.0, 1850.0], $paper);
    $now = $chart->points[count($chart->points) - 1];
    foreach (array_slice($chart->points, 0, -1) as $point) {
        $ahead = ($now['isLeft'] ? -1.0 : 1.0) * ($point['x'] - $now['x']);
        $isBeside = $ahead > 12.0 && $ahead < 78.0;
        expect($now['label'] !== '' && $isBeside && abs($point['y'] - $now['labelY'] + 5.0) < 12.0)->toBeFalse();
        if ($chart->marks->nextX !== null) {
            $isUnder = abs($point['x'] - $chart->marks->flagX) < MixtureMarks::HALF_FLAG
                && $point['y'] > $chart->marks->nextY && $point['y'] < $chart->marks->nextY + MixtureMarks::FLAG_HEIGHT;
            expect($isUnder)->toBeFalse();
        }
    }
    foreach ($chart->points as $point) {
        expect($point['x'])->toBeBetween($paper->left, $paper->right)->and($point['labelY'])->toBeLessThan($paper->height);
    }
    $flag = $chart->marks->nextX === null ? $paper->left + MixtureMarks::HALF_FLAG : $chart->marks->flagX;
    expect($flag - MixtureMarks::HALF_FLAG)->toBeGreaterThan(0.0)
        ->and($flag + MixtureMarks::HALF_FLAG)->toBeLessThan($paper->width)
        ->and(abs($flag - ($chart->marks->nextX ?? $flag)))->toBeLessThan(MixtureMarks::HALF_FLAG)
        ->and(max(array_column($chart->turns, 'x')) + 15.0)->toBeLessThan($paper->width);
    if ($chart->peak !== null && $chart->peak->tick > 0.0) {
        expect($chart->peak->y - $chart->peak->tick)->toBeGreaterThanOrEqual($chart->peak->labelY + 4.0);
    }
    $levels = array_column($chart->levels, 'y');
    $shown = array_column(array_filter($chart->turns, static fn (array $t): bool => $t['text'] !== ''), 'x');
    foreach (array_slice($levels, 1) as $i => $y) {
        expect(abs($y - $levels[$i]))->toBeGreaterThan(14.0);
    }
    foreach (array_slice($shown, 1) as $i => $x) {
        expect(abs($x - $shown[$i]))->toBeGreaterThan(30.0);
    }
})->with([
    'near a peak' => [['1' => 1500.0, '1 1/4' => 1650.0, '1 1/2' => 1720.0, '1 3/4' => 1690.0, '2' => 1600.0]],
    'still rising' => [['1' => 1580.0, '1 1/4' => 1720.0, '1 1/2' => 1790.0, '1 3/4' => 1800.0]],
    'steep' => [['3/4' => 12200.0, '5/8' => 12900.0, '1/2' => 13400.0, '3/8' => 13700.0]],
    'low and last' => [['1/2' => 720.0, '3/4' => 760.0, '1' => 740.0, '1 1/4' => 700.0, '2' => 650.0]],
])->with([[ChartPaper::wide()], [ChartPaper::phone()]]);

it('marks what was only heard, by its side', function (): void {
    $heard = static fn (string $at, Mark $mark): MixtureReading => new MixtureReading(Turns::parse($at), null, [$mark]);
    $state = array_reduce(
        [
            $heard('1/2', Mark::RoughLean),
            $heard('1 1/2', Mark::Clean),
            $heard('2 1/4', Mark::RoughRich),
            MixtureReading::died(Turns::parse('3')),
        ],
        static fn (AdjusterState $s, MixtureReading $r): AdjusterState => $s->read($r),
        adjuster(),
    );
    $chart = MixtureChart::of($state, null, [1700.0, 1850.0]);

    expect(array_column($chart->heard, 'side'))->toBe(['lean', 'clean', 'rich'])
        ->and($chart->points)->toBe([])
        ->and(array_column($chart->table, 'rpm'))->toBe(['by ear', 'by ear', 'by ear', 'died']);
});

it('draws a run of one reading', function (): void {
    $state = adjuster(run: ['1 1/2' => 1700.0]);
    $chart = MixtureChart::of($state, RunSoFar::judged($state, FamilyFiles::shipped()->of('float_pilot_jet')->card), [1700.0, 1850.0]);

    expect($chart->curve)->toBe('')->and($chart->marks->nextText)->toStartWith('next');
});

it('keeps the tachometer band on its bar', function (?float $rpm): void {
    $bar = TachBar::of($rpm, [1700.0, 1850.0]);

    expect($bar->bandX)
        ->toBeGreaterThanOrEqual(20.0)
        ->and($bar->bandX + $bar->bandWidth)
        ->toBeLessThanOrEqual(296.0)
        ->and($bar->pointer === null || ($bar->pointer >= 20.0 && $bar->pointer <= 296.0))
        ->toBeTrue();
})->with([null, 900.0, 1780.0, 4200.0]);

it('draws what a cut does: falling, inside its half-coil band, with the wet pops on it', function (): void {
    $bench = (new Bench('kart_pumper'))
        ->add(EntryKind::PopOffMeasured, ['pops' => '12/9 12/9 12/9', 'unit' => 'psi', 'wetted' => true])
        ->add(EntryKind::SpringMeasured, ['wire_mm' => 0.45, 'coil_mm' => 3.2, 'active_coils' => 8, 'free_mm' => 14,
            'installed_mm' => 9, 'ends' => 'squared', 'material' => 'music_wire']);
    $curve = CutCurve::of($bench->sheet()->of(Metering::class));
    $points = static fn (string $path): array => array_map(
        static fn (string $p): array => array_map(floatval(...), explode(' ', $p)),
        explode('L', trim($path, 'MZ')),
    );
    $line = $points($curve->line ?? '');
    $band = $points($curve->band ?? '');
    $heights = array_column($line, 1);
    $sorted = $heights;
    sort($sorted);
    expect($heights)
        ->toBe($sorted)
        ->and(count($band))
        ->toBe(2 * count($line))
        ->and($curve->popped ?? [])
        ->toHaveCount(1)
        ->and($curve->popped[0]['y'] ?? 0.0)
        ->toEqualWithDelta($line[0][1], 0.11)
        ->and($curve->label ?? '')
        ->toContain('12.0 psi uncut, 10.9 after one coil')
        ->and(CutCurve::of((new Bench('kart_pumper'))->sheet()->of(Metering::class)))
        ->toBeNull();
    foreach ($line as $i => [$x, $y]) {
        // Less cut pops higher: up on the paper.
        expect($band[$i][1])->toBeLessThanOrEqual($y)->and($band[count($band) - 1 - $i][1])->toBeGreaterThanOrEqual($y);
    }
});

<?php

declare(strict_types=1);

use App\View\Stations\Run\ScrewTogether;
use App\View\Stations\Run\TogetherWork;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;
use Tests\View\Sheets;

/** @return array<string, ScrewTogether> by the name of the screw */
function together(Bench $bench): array
{
    $work = TogetherWork::of(Sheets::seen($bench, Station::Run));

    return array_combine(array_map(static fn (ScrewTogether $s): string => $s->name, $work->screws), $work->screws);
}

it('shows every screw in the order they are run, each where it stands', function (): void {
    $bench = (new Bench('cube_opposed'))->count('high', '1 1/4')->count('low', '1')->set('high', '1 1/4');
    $all = together($bench);

    expect(array_keys($all))->toBe(['H needle', 'L needle', 'Idle speed screw'])
        ->and($all['H needle']->now)->toMatch('~^1.1/4.turns$~u')
        // Out is counter-clockwise: a quarter turn past a whole one points to the left.
        ->and($all['H needle']->angle)->toBe(-90.0)
        ->and($all['H needle']->story)->toMatch('~^found 1.1/4, book 1$~u')
        ->and($all['H needle']->todo)->toBe('no reading yet')
        ->and($all['Idle speed screw']->todo)->toBe('last of all')
        ->and($all['Idle speed screw']->now)->toBe('not counted')
        ->and($all['H needle']->dots)->toBe([]);
});

it('draws the readings within the small chart, and says what comes next', function (): void {
    $bench = (new Bench('float_pilot_jet'))->count('idle_mixture', '1 1/2')->set('idle_mixture', '1 1/2');
    foreach (['1' => 1650.0, '1 1/4' => 1720.0, '1 1/2' => 1750.0, '1 3/4' => 1745.0, '2' => 1700.0] as $turns => $rpm) {
        $bench->add(EntryKind::SpeedRead, [
            'adjuster' => 'idle_mixture', 'units' => DustyJet\Quantity\Turns::parse((string) $turns)->inUnits(), 'rpm' => $rpm,
        ]);
    }
    $screw = together($bench)['Idle mixture screw'];

    expect($screw->dots)->toHaveCount(5)->and($screw->curve)->toStartWith('M')->and($screw->answer)->not->toBeNull()
        ->and($screw->todo)->toMatch('/^(next|leave it at) 1 [1-7]\/[248]$/');
    foreach ($screw->dots as [$x, $y]) {
        expect($x)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(ScrewTogether::WIDTH)
            ->and($y)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(ScrewTogether::HEIGHT);
    }
});

it('says which screw is to be set again, and why', function (): void {
    $bench = (new Bench('cube_opposed'))->count('high', '1')->count('low', '1')->count('idle_speed', '1')
        ->set('high', '1', 'run')->set('low', '1', 'run')->set('idle_speed', '1', 'run');
    expect(together($bench)['L needle']->revisit)->toBe('');
    $bench->set('high', '1 1/4', 'run');

    expect(together($bench)['L needle']->revisit)->toStartWith('Again: ')
        ->and(together($bench)['H needle']->revisit)->toBe('');
});

<?php

declare(strict_types=1);

use App\View\Sheet\CutawayState;
use App\View\Stations\Works;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;
use Tests\View\Sheets;

function drawn(Bench $bench, Station $at, string $screw = '', string $look = ''): CutawayState
{
    $view = Sheets::seen($bench, $at, $look);

    return CutawayState::of($view, Works::at($view, $screw));
}

it('closes the needle unless the last test says that it leaks', function (callable $reach, bool $closed): void {
    $bench = new Bench;
    $reach($bench);
    $state = drawn($bench, Station::BenchTest);

    expect($state->leaks)
        ->toBe(! $closed)
        ->and($state->sentence)
        ->toStartWith($closed ? 'needle closed' : 'needle passing fuel');
})->with([
    'never tested' => [fn (Bench $b) => $b, true],
    'it holds' => [fn (Bench $b) => $b->hold(), true],
    'it leaks' => [fn (Bench $b) => $b->hold(4.0), false],
    'it leaked, then a new needle came' => [
        fn (Bench $b) => $b->hold(4.0)->add(EntryKind::ThingTouched, ['thing' => 'needle_seat']),
        true,
    ],
]);

it('screws the mixture screw out as far as the log says, and a turn while it says nothing', function (): void {
    $seated = drawn(new Bench, Station::Set)->screwOut('idle_mixture');
    $one = drawn((new Bench)->count('idle_mixture', '1'), Station::Set)->screwOut('idle_mixture');
    $two = drawn((new Bench)->count('idle_mixture', '1')->set('idle_mixture', '2'), Station::Set)->screwOut(
        'idle_mixture',
    );
    $twenty = drawn((new Bench)->count('idle_mixture', '20'), Station::Set)->screwOut('idle_mixture');

    expect([$seated, $one, $two])
        ->toBe([3.0, 3.0, 6.0])
        ->and($twenty)
        ->toBeLessThan(15.0);
});

it('asks about the part that the next move is about', function (callable $reach, Station $here, string $part): void {
    $bench = new Bench;
    $reach($bench);

    expect(drawn($bench, $here)->asked)->toBe($part);
})->with([
    'counting' => [fn (Bench $b) => $b, Station::AsFound, 'mixscrew'],
    'the other screw' => [fn (Bench $b) => $b->count('idle_mixture', '1'), Station::AsFound, 'idlespeed'],
    'a step' => [fn (Bench $b) => $b->count('idle_mixture', '1')->count('idle_speed', '1'), Station::Strip, 'choke'],
    'the hold test' => [
        fn (Bench $b) => $b->count('idle_mixture', '1')->count('idle_speed', '1')->all(Station::Strip),
        Station::BenchTest,
        'needle',
    ],
]);

it('marks parts by what the log says of them', function (): void {
    $bench = (new Bench)->hold(4.0)->inspect('float')->inspect('bowl')->inspect('hinge', 'replace');
    $marks = array_column(drawn($bench, Station::Clean)->parts, 'mark', 'key');

    expect($marks['needle'])
        ->toBe('suspect')
        ->and($marks['float'])
        ->toBe('ok')
        ->and($marks['bowl'])
        ->toBe('ok')
        ->and($marks['seat'])
        ->toBe('');
    expect($marks['pin'])->toBe('new');
    $bench->inspect('seat', 'cleaned');
    $marks = array_column(drawn($bench, Station::Clean)->parts, 'mark', 'key');
    expect($marks['needle'])->toBe('stale')->and($marks['seat'])->toBe('stale');
});

it('says the state of the drawing in words', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1 3/4');

    expect(drawn($bench, Station::Set)->sentence)->toBe("needle closed, idle mixture screw 1\u{00A0}3/4 turns out");
});

it('takes what lies on the tray out of the drawing, and puts it back', function (): void {
    $bench = (new Bench('cube_opposed'))->all(Station::Strip);
    $css = fn (string $part): string => drawn($bench, Station::Build)->css($part);
    expect($css('metering'))
        ->toContain('is-out')
        ->and($css('vent'))
        ->toContain('is-out')
        ->and($css('flapin'))
        ->not->toContain('is-out');
    $bench->all(Station::Build);

    expect($css('metering'))->not->toContain('is-out');
});

it('offers on the part what may be done with it here', function (): void {
    $bench = new Bench('cube_opposed');
    $act = fn (string $part, Station $at): ?array => drawn($bench, $at)->parts[$part]->act;
    expect($act('inlet', Station::Strip))
        ->toBe(['label' => 'Off: fuel hose', 'form' => 'off-fuel_hose'])
        ->and($act('metering', Station::Strip))
        ->toBeNull()
        ->and($act('inlet', Station::Clean))
        ->toBeNull();
    $bench->all(Station::Strip);

    expect($act('screen', Station::Build)['form'])->toBe('on-inlet_screen');
});

it('lights what is talked about: the open tab, the part under the lens, the leader', function (): void {
    $bench = (new Bench('cube_opposed'))->count('high', '1')->all(Station::Strip);

    expect(drawn($bench, Station::Set, screw: 'idle_speed')->asked)
        ->toBe('idlespeed')
        ->and(drawn($bench, Station::Set, screw: 'low')->asked)
        ->toBe('mixscrew')
        ->and(drawn($bench, Station::Clean, look: 'metering_diaphragm')->asked)
        ->toBe('metering');
});

it('lights the leader of the suspects and no other', function (): void {
    foreach (['floods', 'will_not_start', 'fuel_dripping', 'surges'] as $complaint) {
        foreach (['cube_opposed', 'float_pilot_jet', 'outboard_bank'] as $family) {
            $bench = (new Bench($family))
                ->add(EntryKind::FindingNoted, ['finding' => $complaint, 'answer' => 'yes']);
            $view = Sheets::seen($bench, Station::Intake);
            $leader = $view->diagnosis->leader()->fault->part;
            $isDrawn = $leader !== null && isset($view->sheet->family->drawing->parts[$leader]);

            expect(CutawayState::of($view, Works::at($view, ''))->asked)
                ->toBe($isDrawn ? $leader : '', "{$family}, {$complaint}");
        }
    }
});

it('marks the joints under test on the drawing by the letters of the leak map', function (): void {
    $bench = (new Bench('cube_opposed'))->hold(3.0, wetted: true);
    $parts = drawn($bench, Station::BenchTest)->parts;
    expect($parts['needle']->joint)
        ->toBe('suspect')
        ->and($parts['needle']->letter)
        ->toBe('F')
        ->and($parts['needle']->said)
        ->toStartWith('joint F, ')
        ->and($parts['lever']->joint)
        ->toBe('')
        // Of two joints on one part the worse is shown.
        ->and($parts['inlet']->letter)
        ->toBe('B');
    $bench->add(EntryKind::LeakIsolated, ['isolation' => 'stub', 'outcome' => 'holds']);
    $bench->add(EntryKind::LeakIsolated, ['isolation' => 'soap', 'outcome' => 'leaks', 'bubbled' => 'barb']);
    $parts = drawn($bench, Station::BenchTest)->parts;
    expect([$parts['needle']->joint, $parts['needle']->mark])
        ->toBe(['cleared', 'ok'])
        ->and([$parts['inlet']->joint, $parts['inlet']->said])
        ->toBe(['leaks', 'leaks'])
        ->and(drawn($bench, Station::Strip)->parts['inlet']->joint)
        ->toBe('');
});

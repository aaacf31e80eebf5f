<?php

declare(strict_types=1);

use App\View\Pages\CutawayState;
use DustyJet\BenchLog\EntryKind;
use DustyJet\Carburetor\Station;
use Tests\Core\Worksheet\Bench;

it('closes the needle unless the last test says that it leaks', function (callable $reach, bool $closed): void {
    $bench = new Bench;
    $reach($bench);
    $state = CutawayState::of($bench->sheet(), Station::BenchTest);

    expect($state->needleClosed)->toBe($closed)
        ->and($state->floatUp)->toBe($closed)
        ->and($state->leaks)->toBe(! $closed);
})->with([
    'never tested' => [fn (Bench $b) => $b, true],
    'it holds' => [fn (Bench $b) => $b->hold(), true],
    'it leaks' => [fn (Bench $b) => $b->hold(4.0), false],
    'it leaked, then a new needle came' => [
        fn (Bench $b) => $b->hold(4.0)->add(EntryKind::ThingTouched, ['thing' => 'needle_seat']),
        true,
    ],
]);

it('screws the mixture screw out as far as the log says', function (): void {
    $seated = CutawayState::of((new Bench)->sheet(), Station::Set)->mixtureOut;
    $one = CutawayState::of((new Bench)->count('idle_mixture', '1')->sheet(), Station::Set)->mixtureOut;
    $two = CutawayState::of((new Bench)->count('idle_mixture', '1')->set('idle_mixture', '2')->sheet(), Station::Set)->mixtureOut;
    $twenty = CutawayState::of((new Bench)->count('idle_mixture', '20')->sheet(), Station::Set)->mixtureOut;

    expect([$seated, $one, $two])->toBe([0.0, 3.0, 6.0])
        ->and($twenty)->toBeLessThan(15.0);
});

it('asks about the part that the next move is about', function (callable $reach, Station $here, string $part): void {
    $bench = new Bench;
    $reach($bench);

    expect(CutawayState::of($bench->sheet(), $here)->asked)->toBe($part);
})->with([
    'counting' => [fn (Bench $b) => $b, Station::AsFound, 'mixscrew'],
    'the other screw' => [fn (Bench $b) => $b->count('idle_mixture', '1'), Station::AsFound, 'idlespeed'],
    'a step' => [
        fn (Bench $b) => $b->count('idle_mixture', '1')->count('idle_speed', '1'),
        Station::Strip,
        'inlet',
    ],
    'the hold test' => [
        fn (Bench $b) => $b->count('idle_mixture', '1')->count('idle_speed', '1')->all(Station::Strip),
        Station::BenchTest,
        'needle',
    ],
]);

it('marks parts by what the log says of them', function (): void {
    $bench = (new Bench)->hold(4.0)->step(Station::Clean, 'float')->step(Station::Clean, 'bowl');
    $marks = array_column(CutawayState::of($bench->sheet(), Station::Clean)->parts, 'mark', 'key');

    expect($marks['needle'])->toBe('suspect')
        ->and($marks['float'])->toBe('ok')
        ->and($marks['bowl'])->toBe('ok')
        ->and($marks['seat'])->toBe('');
    $bench->step(Station::Clean, 'seat');
    $marks = array_column(CutawayState::of($bench->sheet(), Station::Clean)->parts, 'mark', 'key');
    expect($marks['needle'])->toBe('stale')->and($marks['seat'])->toBe('stale');
});

it('says the state of the drawing in words', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1 3/4');

    expect(CutawayState::of($bench->sheet(), Station::Set)->sentence)
        ->toBe("float up, needle closed, idle mixture 1\u{00A0}3/4 turns out");
});

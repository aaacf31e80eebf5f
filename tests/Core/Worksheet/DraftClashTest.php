<?php

declare(strict_types=1);

use DustyJet\BenchLog\LogMovedOn;
use DustyJet\BenchLog\Seen;
use DustyJet\Rejected;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;

/** What was logged by someone else since this person looked. */
function meanwhile(string $what): Bench
{
    $bench = (new Bench('float_adjustable_main'))
        ->count('main', '1')
        ->count('idle_mixture', '1')
        ->count('idle_speed', '1');

    return match ($what) {
        'a note' => $bench->add(EntryKind::NoteAdded, ['text' => 'hello']),
        'a part' => $bench->off('fuel_line'),
        'the same screw set' => $bench->set('idle_mixture', '2'),
        'the same screw read' => $bench->read('idle_mixture', '2', 1700),
        'another screw set' => $bench->set('main', '2'),
        'a hold test' => $bench->hold(),
        'nothing' => $bench,
    };
}

/** @return array{0: EntryKind, 1: array<string, mixed>} */
function wanted(string $what): array
{
    return match ($what) {
        'a note' => [EntryKind::NoteAdded, ['text' => 'mine']],
        'a part' => [EntryKind::PartOff, ['part' => 'air_cleaner', 'count' => 1]],
        'a count' => [EntryKind::ScrewCounted, ['adjuster' => 'idle_mixture', 'units' => 48]],
        'a reading' => [EntryKind::SpeedRead, ['adjuster' => 'idle_mixture', 'units' => 48, 'rpm' => 1700.0]],
        'a setting' => [EntryKind::ScrewSet, ['adjuster' => 'idle_mixture', 'units' => 48, 'station' => 'set']],
    };
}

it('takes or refuses an entry from someone who has not seen the latest', function (
    string $wanted,
    string $meanwhile,
    bool $clashes,
): void {
    $bench = meanwhile($meanwhile);
    [$kind, $payload] = wanted($wanted);
    $append = fn () => (new Draft($kind, $payload))->refuseUnlessMeantFor($bench->sheet(), new Seen(4));

    if ($clashes) {
        expect($append)->toThrow(LogMovedOn::class);
    } else {
        expect($append)->not->toThrow(Rejected::class);
    }
})->with([
    ['a note', 'the same screw set', false],
    ['a note', 'a hold test', false],
    ['a part', 'a part', false],
    ['a part', 'the same screw set', false],
    ['a count', 'the same screw set', false],
    ['a reading', 'the same screw read', false],
    ['a setting', 'nothing', false],
    ['a setting', 'a note', false],
    ['a setting', 'a part', false],
    ['a setting', 'another screw set', false],
    ['a setting', 'a hold test', false],
    ['a setting', 'the same screw set', true],
    ['a setting', 'the same screw read', true],
]);

it('refuses a hand-back when anything but a note came in between', function (string $meanwhile, bool $clashes): void {
    $bench = (new Bench)->worked();
    $seen = count($bench->entries);
    match ($meanwhile) {
        'a note' => $bench->add(EntryKind::NoteAdded, ['text' => 'hello']),
        default => $bench->add(EntryKind::CheckDone, ['check' => 'filter', 'passed' => true]),
    };
    $append = fn () => (new Draft(EntryKind::HandedBack, []))->refuseUnlessMeantFor($bench->sheet(), new Seen($seen));

    if ($clashes) {
        expect($append)->toThrow(LogMovedOn::class);
    } else {
        expect($append)->not->toThrow(Rejected::class);
    }
})->with([['a note', false], ['a check', true]]);

it('says who logged what', function (): void {
    $bench = meanwhile('the same screw set');

    expect(fn () => (new Draft(...wanted('a setting')))->refuseUnlessMeantFor($bench->sheet(), new Seen(4)))->toThrow(
        LogMovedOn::class,
        'June Halloran logged "screw set"',
    );
});

it('lets no two people end or begin a wait unseen', function (EntryKind $wanted, string $meanwhile, bool $clashes): void {
    $bench = (new Bench)->add(EntryKind::WaitBegan, ['for' => 'part', 'what' => 'needle']);
    $seen = count($bench->entries);
    match ($meanwhile) {
        'a wait' => $bench->add(EntryKind::WaitBegan, ['for' => 'customer', 'what' => 'rebuild or replace']),
        'its end' => $bench->add(EntryKind::WaitEnded, []),
        'a part' => $bench->off('air_cleaner'),
    };
    $payload = $wanted === EntryKind::WaitBegan ? ['for' => 'part', 'what' => 'bowl gasket'] : [];
    $append = fn () => (new Draft($wanted, $payload))->refuseUnlessMeantFor($bench->sheet(), new Seen($seen));

    if ($clashes) {
        expect($append)->toThrow(LogMovedOn::class);
    } else {
        expect($append)->not->toThrow(Rejected::class);
    }
})->with([
    [EntryKind::WaitBegan, 'a wait', true],
    [EntryKind::WaitBegan, 'its end', true],
    [EntryKind::WaitBegan, 'a part', false],
    [EntryKind::WaitEnded, 'a wait', true],
    [EntryKind::WaitEnded, 'a part', false],
]);

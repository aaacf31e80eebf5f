<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Waits\Waits;
use Tests\Core\Worksheet\Bench;

it('says first what a job waits for, and goes on below it', function (): void {
    $bench = new Bench;
    $before = $bench->sheet()->moves();
    $bench->add(EntryKind::WaitBegan, ['for' => 'part', 'what' => 'fuel pump kit', 'until' => '2026-05-09']);
    $moves = $bench->sheet()->moves();

    expect($moves[0]->key)
        ->toBe('wait')
        ->and($moves[0]->do)
        ->toBe('Waits for a part, fuel pump kit')
        ->and($moves[0]->why)
        ->toContain('Promised for May 9.')
        ->and($moves[1]->do)
        ->toBe($before[0]->do)
        ->and(count($moves))
        ->toBeLessThanOrEqual(3)
        ->and($bench->sheet()->stations['intake'])
        ->toEqual((new Bench)->sheet()->stations['intake']);

    $bench->add(EntryKind::WaitEnded, []);
    expect($bench->sheet()->of(Waits::class)->now)
        ->toBeNull()
        ->and($bench->sheet()->moves()[0]->do)
        ->toBe($before[0]->do);
});

it('waits for the customer without a day, and says it anew when asked again', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::WaitBegan, ['for' => 'part', 'what' => 'needle'])
        ->add(EntryKind::WaitBegan, ['for' => 'customer', 'what' => 'rebuild or replace']);
    $move = $bench->sheet()->moves()[0];

    expect($move->do)
        ->toBe('Waits for the customer, rebuild or replace')
        ->and($move->why)
        ->not->toContain('Promised');
});

it('ends no wait twice, and knows parts and customers only', function (): void {
    $bench = new Bench;
    expect(fn () => $bench->refuse(EntryKind::WaitEnded, []))
        ->toThrow(NotAllowedNow::class, 'does not wait for anything')
        ->and(fn () => $bench->refuse(EntryKind::WaitBegan, ['for' => 'weather', 'what' => 'sun']))
        ->toThrow(UnreadableEntry::class);
    // A file from elsewhere is passed over.
    $bench->add(EntryKind::WaitBegan, ['for' => 'weather', 'what' => 'sun'])->add(EntryKind::WaitEnded, []);
    expect($bench->sheet()->of(Waits::class)->now)->toBeNull();
});

it('takes no promise that is no day of this century', function (string $until): void {
    $bench = (new Bench)->add(EntryKind::WaitBegan, ['for' => 'part', 'what' => 'kit', 'until' => $until]);

    expect($bench->sheet()->of(Waits::class)->now->until)->toBeNull();
})->with(['soon', '2026-02-31', '0000-01-01', '9999-99-99', '99999-01-01', '20', '2026-5-4', "2026-05-04\n"]);

it('waits for nothing once it was handed back', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::WaitBegan, ['for' => 'part', 'what' => 'kit'])
        ->add(EntryKind::ReturnedUnrepaired, ['reason' => 'no kit to be had']);

    expect($bench->sheet()->moves())->toBe([]);
});

it('keeps the job it came back from through a correction of its intake', function (): void {
    $bench = new Bench;
    $intake = ['machine' => 'Tilby', 'engine' => '160 cc', 'complaint' => 'drips', 'variant' => 'removable_pilot'];
    $bench->add(EntryKind::IntakeTaken, [...$intake, 'idle_sense' => 'fuel', 'comes_back_from' => 'DJ-0401']);
    expect($bench->sheet()->of(Ticket::class)->comesBackFrom)->toBe('DJ-0401');

    $bench->add(EntryKind::IntakeTaken, [...$intake, 'machine' => 'Tilby 46', 'idle_sense' => 'fuel']);
    expect($bench->sheet()->of(Ticket::class)->comesBackFrom)
        ->toBe('DJ-0401')
        ->and($bench->sheet()->intake->machine)
        ->toBe('Tilby 46')
        ->and($bench->sheet()->station())
        ->toBe(Station::AsFound);
});

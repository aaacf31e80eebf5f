<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Sense;
use DustyJet\Diagnosis\Answer;
use DustyJet\Worksheet\AsksCatalogue;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Triage;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

const TAKEN = ['machine' => 'Tilby', 'engine' => '160 cc', 'complaint' => 'drips', 'variant' => 'removable_pilot'];

/** @param  array<string, mixed>  $payload */
function asked(EntryKind $kind, array $payload, string $family = 'float_pilot_jet'): void
{
    $entry = (new Bench($family))->add($kind, $payload)->entries[1];
    $act = $kind->act()::of($entry->payload);
    assert($act instanceof AsksCatalogue);
    $act->refuseUnlessKnown(Knowledge::real(), Knowledge::real()->family($family));
}

it('takes what the knowledge of this family knows, and names what it does not', function (
    EntryKind $kind,
    array $payload,
    ?string $names,
): void {
    $asked = fn () => asked($kind, $payload);
    $names === null
        ? expect($asked)->not->toThrow(UnreadableEntry::class)
        : expect($asked)->toThrow(UnreadableEntry::class, $names);
})->with([
    [EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'yes'], null],
    [EntryKind::FindingNoted, ['finding' => 'surges', 'answer' => 'strong'], null],
    [EntryKind::FindingNoted, ['finding' => 'whistles', 'answer' => 'yes'], 'whistles'],
    [EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'strong'], 'strong'],
    [EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'perhaps'], 'perhaps'],
    // A diaphragm of a metering chamber is not in a float carburetor.
    [EntryKind::FindingNoted, ['finding' => 'metering_hole', 'answer' => 'yes'], 'metering_hole'],
    [EntryKind::CheckAnswered, ['check' => 'spark_test', 'answers' => ['spark_poor' => 'no']], null],
    [EntryKind::CheckAnswered, ['check' => 'spark_test', 'answers' => ['floods' => 'no']], 'floods'],
    [EntryKind::CheckAnswered, ['check' => 'spark_test', 'answers' => []], 'answer'],
    [EntryKind::CheckAnswered, ['check' => 'tea_leaves', 'answers' => ['spark_poor' => 'no']], 'tea_leaves'],
    [EntryKind::FlowStepped, ['flow' => 'nowhere', 'step' => 'one', 'worked' => true], 'one'],
]);

it('takes every step of every procedure it offers', function (): void {
    $flows = Knowledge::real()->flowsOf(Knowledge::real()->family('float_pilot_jet'));
    expect($flows)->not->toBe([]);
    foreach ($flows as $id => $flow) {
        foreach (array_keys($flow->steps) as $step) {
            expect(fn () => asked(EntryKind::FlowStepped, ['flow' => $id, 'step' => $step, 'worked' => true]))
                ->not->toThrow(UnreadableEntry::class);
        }
        expect(fn () => asked(EntryKind::FlowStepped, ['flow' => $id, 'step' => 'jump', 'worked' => true]))
            ->toThrow(UnreadableEntry::class);
    }
});

it('keeps when a job was promised, and passes over what is no time', function (?string $promised, ?string $said): void {
    $bench = (new Bench)->add(EntryKind::IntakeTaken, [...TAKEN, 'idle_sense' => 'fuel', 'promised_at' => $promised]);

    expect($bench->sheet()->of(Ticket::class)->intake?->promisedAt?->format('Y-m-d H:i'))->toBe($said);
})->with([
    ['2026-05-09T16:00:00+00:00', '2026-05-09 16:00'],
    ['soon', null],
    [null, null],
]);

it('knows screws that open fuel and screws that open air, and no third kind', function (): void {
    foreach (['fuel' => Sense::Fuel, 'air' => Sense::Air] as $word => $sense) {
        $bench = (new Bench)->add(EntryKind::IntakeTaken, [...TAKEN, 'idle_sense' => $word]);
        $bench->refuse(EntryKind::IntakeTaken, [...TAKEN, 'idle_sense' => $word]);
        expect($bench->sheet()->of(Screws::class)->named('idle_mixture')->adjuster->sense)->toBe($sense);
    }
    expect(fn () => (new Bench)->refuse(EntryKind::IntakeTaken, [...TAKEN, 'idle_sense' => 'tea']))
        ->toThrow(UnreadableEntry::class)
        ->and(fn () => (new Bench)->refuse(EntryKind::IntakeTaken, [...TAKEN, 'variant' => 'none', 'idle_sense' => 'air']))
        ->toThrow(UnreadableEntry::class);
});

it('takes a strength of a finding that has degrees, and of no other', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::FindingNoted, ['finding' => 'surges', 'answer' => 'strong'])
        ->add(EntryKind::FindingNoted, ['finding' => 'floods', 'answer' => 'strong'])
        ->add(EntryKind::FindingNoted, ['finding' => 'bogs', 'answer' => 'yes']);
    $answers = (new Triage(Knowledge::real(), $bench->sheet()))->answers();

    expect($answers['surges'])
        ->toBe(Answer::Strong)
        ->and($answers)
        ->not->toHaveKey('floods')
        ->and($answers['bogs'])
        ->toBe(Answer::Yes);
});

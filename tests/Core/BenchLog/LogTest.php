<?php

declare(strict_types=1);

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\EntryKind;

function note(int $seq, string $text, ?string $supersedes = null, EntryKind $kind = EntryKind::NoteAdded): Entry
{
    $payload = $kind === EntryKind::Struck ? [] : ['text' => $text];
    $at = new DateTimeImmutable('2026-05-01 09:00');

    return Entry::of("id-{$seq}", $seq, $kind, $payload, $at, 'June Halloran', $supersedes);
}

it('puts a correction where the corrected entry stood', function (): void {
    $log = Log::of([note(1, 'first'), note(2, 'second'), note(3, 'first, put right', 'id-1')]);

    expect(array_map(fn (Entry $e): string => $e->payload->text('text'), $log->effective()))->toBe([
        'first, put right',
        'second',
    ]);
});

it('corrects a correction, and strikes what was struck for good', function (): void {
    $strike = note(5, '', 'id-4', EntryKind::Struck);
    $log = Log::of([note(1, 'a'), note(2, 'b', 'id-1'), note(3, 'c', 'id-2'), note(4, 'd'), $strike]);

    expect(array_map(fn (Entry $e): string => $e->payload->text('text'), $log->effective()))
        ->toBe(['c'])
        ->and(array_keys($log->superseded()))
        ->toBe(['id-1', 'id-2', 'id-4'])
        ->and($log->length())
        ->toBe(5);
});

it('refuses a correction that means nothing', function (EntryKind $kind, ?string $supersedes): void {
    $log = Log::of([note(1, 'a'), note(2, 'b', 'id-1'), note(3, 'c'), note(4, '', 'id-3', EntryKind::Struck)]);

    expect(fn () => $log->refuseBadCorrection($kind, $supersedes))->toThrow(UnreadableEntry::class);
})->with([
    'of what is not there' => [EntryKind::NoteAdded, 'id-99'],
    'of what was corrected already' => [EntryKind::NoteAdded, 'id-1'],
    'of another kind' => [EntryKind::PartOff, 'id-2'],
    'a strike of nothing' => [EntryKind::Struck, null],
    'a strike of a strike' => [EntryKind::Struck, 'id-4'],
]);

it('finds the last entry of a kind that still holds', function (): void {
    $bench = (new Tests\Core\Worksheet\Bench)->off('air_cleaner', 'throttle_bracket')->count('idle_speed', '1');
    $log = fn (): Log => $bench->sheet()->log;
    $last = fn (EntryKind $kind): ?string => $log()
        ->latest(fn (Entry $e): bool => $e->kind === $kind)
        ?->payload->text('part');
    expect($last(EntryKind::PartOff))->toBe('throttle_bracket')->and($last(EntryKind::HandedBack))->toBeNull();
    $bench->add(EntryKind::Struck, [], $bench->entries[2]->id);

    expect($last(EntryKind::PartOff))->toBe('air_cleaner');
});

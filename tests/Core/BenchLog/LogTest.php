<?php

declare(strict_types=1);

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\Log;
use DustyJet\BenchLog\UnreadableEntry;

function note(int $seq, string $text, ?string $supersedes = null, EntryKind $kind = EntryKind::NoteAdded): Entry
{
    return Entry::of("id-{$seq}", $seq, $kind, $kind === EntryKind::Struck ? [] : ['text' => $text], new DateTimeImmutable('2026-05-01 09:00'), 'June Halloran', $supersedes);
}

it('puts a correction where the corrected entry stood', function (): void {
    $log = Log::of([note(1, 'first'), note(2, 'second'), note(3, 'first, put right', 'id-1')]);

    expect(array_map(fn (Entry $e): string => $e->text('text'), $log->effective()))->toBe(['first, put right', 'second']);
});

it('corrects a correction, and strikes what was struck for good', function (): void {
    $log = Log::of([note(1, 'a'), note(2, 'b', 'id-1'), note(3, 'c', 'id-2'), note(4, 'd'), note(5, '', 'id-4', EntryKind::Struck)]);

    expect(array_map(fn (Entry $e): string => $e->text('text'), $log->effective()))->toBe(['c'])
        ->and(array_keys($log->superseded()))->toBe(['id-1', 'id-2', 'id-4'])
        ->and($log->length())->toBe(5);
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

it('refuses a payload that is not of its kind', function (EntryKind $kind, array $payload): void {
    expect(fn () => $kind->check($payload))->toThrow(UnreadableEntry::class);
})->with([
    'an unknown field' => [EntryKind::NoteAdded, ['text' => 'a', 'colour' => 'red']],
    'a missing field' => [EntryKind::NoteAdded, []],
    'an empty text' => [EntryKind::NoteAdded, ['text' => '']],
    'a text that is a number' => [EntryKind::NoteAdded, ['text' => 3]],
    'turns that are no whole number' => [EntryKind::ScrewCounted, ['adjuster' => 'main', 'units' => 1.5]],
    'a speed that is no number' => [EntryKind::SpeedRead, ['adjuster' => 'main', 'units' => 1, 'rpm' => 'fast']],
    'an infinite speed' => [EntryKind::SpeedRead, ['adjuster' => 'main', 'units' => 1, 'rpm' => INF]],
    'a trace that is no uuid' => [EntryKind::HoldTested, ['trace' => '../x', 'method' => 'pressure', 'volume_ml' => 1, 'limit_ml_min' => 1, 'wetted' => false, 'result' => [], 'fit' => []]],
]);

it('finds the last entry of a kind that still holds', function (): void {
    $bench = (new Tests\Core\Worksheet\Bench)->off('air_cleaner', 'throttle_bracket')->count('idle_speed', '1');
    $log = fn (): Log => $bench->sheet()->log;
    expect($log()->latestOf(EntryKind::PartOff)?->text('part'))->toBe('throttle_bracket')->and($log()->latestOf(EntryKind::HandedBack))->toBeNull();
    $bench->add(EntryKind::Struck, [], $bench->entries[2]->id);

    expect($log()->latestOf(EntryKind::PartOff, EntryKind::PartOn)?->text('part'))->toBe('air_cleaner');
});

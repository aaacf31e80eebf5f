<?php

declare(strict_types=1);

use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\UnreadableEntry;

/** @return array<string, mixed> the smallest payload of a kind, and with every field that may be missing */
function payloadOf(EntryKind $kind, bool $whole): array
{
    $values = [
        'text' => 'words',
        'number' => 1.5,
        'integer' => 3,
        'flag' => true,
        'map' => ['a' => 1],
        'uuid' => '00000000-0000-4000-8000-000000000001',
    ];
    $payload = [];
    foreach ($kind->fields() as $name => $type) {
        if ($whole || ! str_starts_with($type, '?')) {
            $payload[$name] = $values[ltrim($type, '?')];
        }
    }

    return $payload;
}

it('takes the smallest payload of each kind, and the whole one', function (EntryKind $kind): void {
    $kind->check(payloadOf($kind, false));
    $kind->check(payloadOf($kind, true));

    expect($kind->fields())->toBeArray();
})->with(EntryKind::cases());

it('misses each field that must be there', function (EntryKind $kind): void {
    foreach (array_keys(payloadOf($kind, false)) as $field) {
        $payload = payloadOf($kind, true);
        unset($payload[$field]);
        expect(fn () => $kind->check($payload))->toThrow(UnreadableEntry::class, $field);
    }
    expect(true)->toBeTrue();
})->with(EntryKind::cases());

it('refuses each field of a wrong type', function (EntryKind $kind): void {
    foreach (array_keys($kind->fields()) as $field) {
        $payload = payloadOf($kind, true);
        $payload[$field] = new stdClass;
        expect(fn () => $kind->check($payload))->toThrow(UnreadableEntry::class, $field);
    }
    expect(true)->toBeTrue();
})->with(EntryKind::cases());

it('knows which kinds two people may add at once', function (): void {
    $alone = array_filter(EntryKind::cases(), fn (EntryKind $k): bool => ! $k->commutes());

    expect(array_values(array_map(fn (EntryKind $k): string => $k->value, $alone)))
        ->toBe(['intake_taken', 'screw_set', 'stale_overridden', 'handed_back', 'struck']);
});

it('takes no text longer than a page', function (): void {
    EntryKind::NoteAdded->check(['text' => str_repeat('ä', 4000)]);

    expect(fn () => EntryKind::NoteAdded->check(['text' => str_repeat('ä', 4001)]))->toThrow(UnreadableEntry::class);
});

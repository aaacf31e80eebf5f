<?php

declare(strict_types=1);

use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\EntryKind;

/** @return array<string, mixed> the smallest payload of a kind, and with every field that may be missing */
function payloadOf(EntryKind $kind, bool $whole): array
{
    $values = [
        'text' => 'words',
        'number' => 1.5,
        'integer' => 3,
        'flag' => true,
        'map' => ['a' => 1],
        'names' => ['a', 'a', 'b'],
        'uuid' => '00000000-0000-4000-8000-000000000001',
    ];
    $needed = array_filter($kind->shape()->fields, static fn (Field $f): bool => $whole || ! $f->isOptional);

    return array_map(static fn (Field $f): mixed => $values[$f->type->value], $needed);
}

function readAs(EntryKind $kind, array $payload): array
{
    return $kind->shape()->read($kind->name(), $payload)->toArray();
}

it('takes the smallest payload of each kind, and the whole one', function (EntryKind $kind): void {
    expect(readAs($kind, payloadOf($kind, false)))->toBe(payloadOf($kind, false))
        ->and(readAs($kind, payloadOf($kind, true)))->toBe(payloadOf($kind, true));
})->with(EntryKind::cases());

it('misses each field that must be there', function (EntryKind $kind): void {
    $needed = array_keys(payloadOf($kind, false));
    $missed = array_filter($needed, function (string $field) use ($kind): bool {
        try {
            readAs($kind, array_diff_key(payloadOf($kind, true), [$field => 0]));
        } catch (UnreadableEntry $refused) {
            return str_contains($refused->getMessage(), $field);
        }

        return false;
    });

    expect($missed)->toBe($needed);
})->with(EntryKind::cases());

it('refuses each field of a wrong type', function (EntryKind $kind): void {
    $fields = array_keys($kind->shape()->fields);
    $refused = array_filter($fields, function (string $field) use ($kind): bool {
        try {
            readAs($kind, [...payloadOf($kind, true), $field => new stdClass]);
        } catch (UnreadableEntry $refused) {
            return str_contains($refused->getMessage(), $field);
        }

        return false;
    });

    expect($refused)->toBe($fields);
})->with(EntryKind::cases());

it('knows which kinds two people may add at once', function (): void {
    $alone = array_filter(EntryKind::cases(), fn (EntryKind $k): bool => ! $k->commutes());

    expect(array_values(array_map(fn (EntryKind $k): string => $k->value, $alone)))
        ->toBe([
            'intake_taken', 'spring_shortened', 'screw_set', 'stale_overridden', 'wait_began', 'wait_ended', 'returned_unrepaired',
            'handed_back', 'struck',
        ]);
});

it('strikes with one kind alone', function (): void {
    $strikes = array_filter(EntryKind::cases(), fn (EntryKind $k): bool => $k->isStrike());

    expect(array_values($strikes))->toBe([EntryKind::Struck]);
});

it('has an act of its own for each kind', function (): void {
    $acts = array_map(fn (EntryKind $k): string => $k->act(), EntryKind::cases());

    expect(array_unique($acts))->toHaveCount(count(EntryKind::cases()));
});

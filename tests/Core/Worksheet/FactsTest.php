<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Notes\Fact;
use DustyJet\Worksheet\Notes\Facts;
use Tests\Core\Worksheet\Bench;

function fact(Fact $fact, string $text): array
{
    return ['text' => $text, 'fact' => $fact->value];
}

it('keeps the last word on each fact, in the order of the work', function (): void {
    $sheet = (new Bench)
        ->add(EntryKind::NoteAdded, fact(Fact::NextService, 'in spring'))
        ->add(EntryKind::NoteAdded, fact(Fact::JetBored, '0.60 mm'))
        ->add(EntryKind::NoteAdded, fact(Fact::JetBored, '0.62 mm before and after'))
        ->add(EntryKind::NoteAdded, ['text' => 'leans to the left'])
        ->sheet();

    expect($sheet->of(Facts::class)->inOrder())->toBe([
        ['fact' => Fact::JetBored, 'text' => '0.62 mm before and after', 'follows' => null],
        ['fact' => Fact::NextService, 'text' => 'in spring', 'follows' => null],
    ]);
});

it('says what follows from a jet that was bored, and from nothing else', function (): void {
    expect(Fact::JetBored->follows('0.35 mm, now 0.40'))->toContain('31 % more')
        ->and(Fact::SeatMaterial->follows('0.35 mm, now 0.40'))->toBeNull();
});

it('refuses a fact that nobody knows, and takes back one that is struck', function (): void {
    $bench = (new Bench)->add(EntryKind::NoteAdded, fact(Fact::KitUsed, 'full kit'));
    $noted = $bench->sheet()->log->entries;
    $bench->add(EntryKind::Struck, [], $noted[count($noted) - 1]->id);

    expect(fn () => $bench->refuse(EntryKind::NoteAdded, ['text' => 'x', 'fact' => 'shoe_size']))
        ->toThrow(UnreadableEntry::class)
        ->and($bench->sheet()->of(Facts::class)->inOrder())->toBe([]);
});

it('has a title, an example and a station for every fact, none twice', function (): void {
    $titles = array_map(static fn (Fact $f): string => $f->title(), Fact::cases());

    $advice = array_filter(Fact::cases(), static fn (Fact $f): bool => $f->isAdvice());

    expect(array_unique($titles))->toBe($titles)
        ->and(array_values($advice))->toBe([Fact::LayUp, Fact::NextService]);
    foreach (Fact::cases() as $fact) {
        expect(mb_strlen($fact->example()))->toBeBetween(3, 45)->and($fact->station()->number())->toBeBetween(1, 9);
    }
});

<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Screws\Screws;
use Tests\Core\Worksheet\Bench;

it('says which way to turn it for the next reading', function (array $readings, string $do): void {
    $bench = (new Bench)->count('idle_mixture', '1 1/2')->count('idle_speed', '1');
    foreach ($readings as [$turns, $rpm]) {
        $bench->read('idle_mixture', $turns, $rpm);
    }
    expect((new RunBay)->moves($bench->sheet())[0]->do)->toBe($do);
})->with([
    'nothing read' => [[], 'Warm it up, log rpm at 1 1/2'],
    'out to richer' => [[['1', 1500]], 'Turn it out to 1 1/4. Log the rpm.'],
    'in to leaner' => [[['1', 1600], ['1 1/4', 1500]], 'Turn it in to 3/4. Log the rpm.'],
    'found' => [
        [['1', 1550], ['1 1/4', 1700], ['1 1/2', 1770], ['1 3/4', 1755], ['2', 1680]],
        'Leave the idle mixture screw at 1 1/2',
    ],
]);

it('takes two turns from the book, either way, as far out', function (string $found, bool $isFar): void {
    $bench = (new Bench)->count('idle_mixture', $found);
    $state = $bench->sheet()->of(Screws::class)->named('idle_mixture');

    expect($state->adjuster->book->turns->isSameAs(Turns::parse('1 1/2')))->toBeTrue()
        ->and($state->isFoundFarOut())->toBe($isFar);
})->with([['3 1/2', true], ['3 7/16', false], ['0', false], ['1 1/2', false], ['4', true]]);

it('knows a screw where it was last seen', function (): void {
    $bench = new Bench;
    $at = fn (): ?string => ($now = $bench->sheet()->of(Screws::class)->named('idle_mixture')->current()) === null
        ? null : (string) $now;
    expect($at())->toBeNull();
    $bench->count('idle_mixture', '2');
    expect($at())->toBe('2');
    $bench->set('idle_mixture', '1 1/2');
    expect($at())->toBe('1 1/2');
    $bench->read('idle_mixture', '1 3/4', 1700);
    expect($at())->toBe('1 3/4');
    $bench->set('idle_mixture', '1 5/8', 'run');
    expect($at())->toBe('1 5/8');
});

it('refuses a note at a station there is not, and an answer that says nothing', function (): void {
    $bench = new Bench;
    expect(fn () => $bench->refuse(EntryKind::NoteAdded, ['text' => 'x', 'station' => 'paint']))
        ->toThrow(UnreadableEntry::class);
    $bench->refuse(EntryKind::NoteAdded, ['text' => 'x', 'station' => 'run']);
    $bench->refuse(EntryKind::NoteAdded, ['text' => 'x']);
});

it('checks a corrected reading of a run against the others, not against itself', function (): void {
    $heard = static fn (string $turns, string $mark): array => [
        'adjuster' => 'idle_mixture', 'units' => Turns::parse($turns)->inUnits(), 'mark' => $mark,
    ];
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1');
    $bench->add(EntryKind::SpeedRead, $heard('1', 'rough_rich'))->add(EntryKind::SpeedRead, $heard('1 1/2', 'rough_rich'));
    $entries = $bench->sheet()->log->entries;
    [$first, $last] = [$entries[count($entries) - 2]->id, $entries[count($entries) - 1]->id];

    // Lean at 2 is more than three quarters richer than rich at 1: not while that stands, whichever was corrected.
    expect(fn () => $bench->refuse(EntryKind::SpeedRead, $heard('2', 'rough_lean')))->toThrow(UnusableRun::class)
        ->and(fn () => $bench->refuse(EntryKind::SpeedRead, $heard('2', 'rough_lean'), supersedes: $last))
        ->toThrow(UnusableRun::class);
    $bench->refuse(EntryKind::SpeedRead, $heard('2', 'rough_lean'), supersedes: $first);
    $bench->refuse(EntryKind::SpeedRead, $heard('1 3/4', 'rough_lean'));
});

it('takes the corrected reading of a run for one, though others say the same or were taken there', function (): void {
    $heard = static fn (string $turns, string $mark): array => [
        'adjuster' => 'idle_mixture', 'units' => Turns::parse($turns)->inUnits(), 'mark' => $mark,
    ];
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '1');
    $bench->add(EntryKind::SpeedRead, $heard('1', 'hesitates'))->add(EntryKind::SpeedRead, $heard('1', 'rough_rich'));
    $bench->add(EntryKind::SpeedRead, $heard('1', 'rough_rich'));
    $entries = $bench->sheet()->log->entries;
    [$hesitates, , $last] = array_slice($entries, -3);

    expect(fn () => $bench->refuse(EntryKind::SpeedRead, $heard('2', 'rough_lean'), supersedes: $last->id))
        ->toThrow(UnusableRun::class)
        ->and(fn () => $bench->refuse(EntryKind::SpeedRead, $heard('2', 'rough_lean'), supersedes: $hesitates->id))
        ->toThrow(UnusableRun::class);
    $bench->add(EntryKind::Struck, [], $entries[count($entries) - 2]->id);
    $bench->refuse(EntryKind::SpeedRead, $heard('2', 'rough_lean'), supersedes: $last->id);
});

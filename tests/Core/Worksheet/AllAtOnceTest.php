<?php

declare(strict_types=1);

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\StripAndBuild\TrayCell;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\InspectionRecord;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Stale\StaleItem;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;
use Tests\Core\Worksheet\Bench;

/** @param  list<TrayPart>  $parts */
function named(array $parts): array
{
    return array_merge(...array_map(static fn (TrayPart $p): array => array_fill(0, $p->count, $p->key), $parts));
}

/** What lies where, what is back on, and what is in doubt. */
function asItLies(Bench $bench): array
{
    $parts = $bench->sheet()->of(Parts::class);
    $said = static fn (StaleItem $i): string => "{$i->what}: {$i->because}";
    $doubts = array_map($said, $bench->sheet()->of(Staleness::class)->items());

    return [
        array_map(static fn (TrayCell $c): array => [$c->number, $c->key, $c->count], $parts->build->tray->cells),
        $parts->build->placed,
        $doubts,
        $bench->sheet()->moves()[0]->do ?? '',
    ];
}

function strippedAtOnce(): Bench
{
    $bench = new Bench;

    return $bench->add(EntryKind::PartsOff, ['parts' => named($bench->sheet()->of(Parts::class)->build->tray->rest())]);
}

it('comes to the same in one entry as part by part, off and on again', function (string $family): void {
    $single = new Bench($family);
    $atOnce = new Bench($family);
    $rest = $atOnce->sheet()->of(Parts::class)->build->tray->rest();
    expect(count($rest))->toBeGreaterThan(8)
        ->and(array_filter($rest, static fn (TrayPart $p): bool => $p->isOptional))->toBe([]);
    $single->off(...array_column($rest, 'key'));
    $atOnce->add(EntryKind::PartsOff, ['parts' => named($rest)]);
    expect(asItLies($atOnce))->toEqual(asItLies($single))
        ->and($atOnce->sheet()->of(Parts::class)->isStripped())->toBeTrue();

    $runs = 0;
    while (($run = $atOnce->sheet()->of(Parts::class)->build->run()) !== []) {
        $guarded = array_filter($run, static fn (TrayPart $p): bool => $p->looks() !== []);
        // A guard is looked at by itself: it ends the run.
        expect(array_keys($guarded))->toBeIn([[], [count($run) - 1]]);
        $atOnce->add(EntryKind::PartsOn, ['parts' => named($run), 'looked' => $guarded !== []]);
        $single->on(...array_column($run, 'key'));
        $runs++;
        expect(asItLies($atOnce))->toEqual(asItLies($single));
    }

    expect($atOnce->sheet()->of(Parts::class)->isWhole())->toBeTrue()
        ->and($runs)->toBeLessThan(count($rest))
        ->and(array_values(array_unique($atOnce->sheet()->of(Parts::class)->placedSeq)))->toBe(range(3, 2 + $runs))
        ->and(array_keys($atOnce->sheet()->of(Parts::class)->placedSeq))
        ->toBe(array_keys($atOnce->sheet()->of(Parts::class)->build->placed));
})->with(FamilyFiles::shipped()->ids());

it('puts in doubt what every one of the parts disturbs', function (): void {
    $measured = static fn (): Bench => (new Bench)->count('idle_mixture', '1')->hold()->set('idle_mixture', '1 1/2', 'run');
    $rest = $measured()->sheet()->of(Parts::class)->build->tray->rest();
    $atOnce = $measured()->add(EntryKind::PartsOff, ['parts' => named($rest)]);

    expect(count(asItLies($atOnce)[2]))->toBeGreaterThan(1)
        ->and(asItLies($atOnce))->toEqual(asItLies($measured()->off(...array_column($rest, 'key'))));
});

it('takes all off or none', function (array $parts, string $why): void {
    $bench = (new Bench)->off('air_cleaner');

    expect(fn () => $bench->refuse(EntryKind::PartsOff, ['parts' => $parts]))->toThrow(NotYet::class, $why);
    // In a file from elsewhere it is passed over whole.
    $before = asItLies($bench);
    expect(asItLies($bench->add(EntryKind::PartsOff, ['parts' => $parts])))->toEqual($before);
})->with([
    'what is behind another' => [['box_sleeves', 'box_sleeves', 'bowl'], 'bolt'],
    'what is off' => [['breather_hose', 'air_cleaner'], 'ir cleaner'],
    'what nobody knows' => [['breather_hose', '5'], '5'],
]);

it('holds a run with a guard until it was looked at', function (): void {
    $bench = strippedAtOnce();
    $run = named($bench->sheet()->of(Parts::class)->build->run());

    expect(fn () => $bench->refuse(EntryKind::PartsOn, ['parts' => $run, 'looked' => false]))
        ->toThrow(NotYet::class, 'Flat to flat');
    $bench->refuse(EntryKind::PartsOn, ['parts' => $run, 'looked' => true]);
});

it('has the miscount of a part that is named too seldom', function (): void {
    $bench = (new Bench)->off('air_cleaner')->add(EntryKind::PartsOff, ['parts' => ['box_sleeves', 'breather_hose']]);

    expect($bench->sheet()->of(Parts::class)->build->tray->miscounts())
        ->toBe([['key' => 'box_sleeves', 'name' => 'Loose metal sleeves', 'found' => 1, 'expected' => 2]]);
});

it('finds all sound that is left, and touches no verdict that was given', function (): void {
    $bench = strippedAtOnce()->add(EntryKind::PartInspected, ['inspection' => 'seat', 'condition' => 'replace']);
    $left = array_keys(Inspections::on($bench->sheet()->bench)->open());
    expect($left)->not->toContain('seat');
    $bench->add(EntryKind::PartsSound, ['inspections' => $left]);
    $records = $bench->sheet()->of(Inspected::class)->records;
    $said = array_map(static fn (InspectionRecord $r): string => $r->condition->value, $records);

    expect($said['seat'])->toBe('replace')
        ->and(array_values(array_unique(array_diff_key($said, ['seat' => '']))))->toBe(['sound'])
        ->and(Inspections::on($bench->sheet()->bench)->open())->toBe([])
        ->and($bench->sheet()->stations[Station::Clean->value]->doneAt)->not->toBeNull()
        ->and(fn () => $bench->refuse(EntryKind::PartsSound, ['inspections' => ['seat', 'nonsense']]))
        ->toThrow(UnreadableEntry::class, 'nonsense');
});

it('takes all of it back with one strike', function (): void {
    $bench = new Bench;
    $before = asItLies($bench);
    $bench->add(EntryKind::PartsOff, ['parts' => named($bench->sheet()->of(Parts::class)->build->tray->rest())]);
    $bench->add(EntryKind::Struck, [], $bench->entries[1]->id);

    expect(asItLies($bench))->toEqual($before);
});

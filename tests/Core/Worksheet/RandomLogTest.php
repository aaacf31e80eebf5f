<?php

declare(strict_types=1);

use DustyJet\BenchLog\Log;
use DustyJet\BenchLog\Seen;
use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Rejected;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;
use Tests\Golden\RandomJob;

/**
 * A technician who does anything at any time.
 *
 * @return array{0: EntryKind, 1: array<string, mixed>, 2: string|null}
 */
function anything(Bench $bench, Randomizer $chance): array
{
    $pick = fn (array $from): mixed => $from[$chance->getInt(0, count($from) - 1)];
    $screw = $pick(['main', 'idle_mixture', 'idle_speed']);
    $plan = $bench->sheet()->of(Parts::class)->build->tray->plan;
    $part = $pick(array_keys($plan->parts));
    $ready = $plan->ready($bench->sheet()->of(Parts::class)->build->tray->off());
    $next = $ready === [] ? $part : $pick($ready)->key;
    $units = $chance->getInt(-10, 1000);
    $earlier = $pick($bench->entries)->id;

    return match ($chance->getInt(0, 16)) {
        0 => [EntryKind::NoteAdded, ['text' => 'a note'], null],
        1 => [EntryKind::ScrewCounted, ['adjuster' => $screw, 'units' => $units], null],
        2 => [EntryKind::ScrewSet, ['adjuster' => $screw, 'units' => $units, 'station' => $pick(['set', 'run'])], null],
        3 => [
            EntryKind::SpeedRead,
            ['adjuster' => $screw, 'units' => $units, 'rpm' => (float) $chance->getInt(-50, 4000)],
            null,
        ],
        4, 5, 12 => [EntryKind::PartOff, ['part' => $next, 'count' => $plan->parts[$next]->count], null],
        6, 13 => [EntryKind::PartOn, ['part' => $part, 'count' => 1, 'looked' => $chance->getInt(0, 3) > 0], null],
        14 => [EntryKind::PartMissing, ['part' => $part, 'said' => 'never there'], null],
        15 => [EntryKind::PartAccounted, ['part' => $part, 'became' => 'in the bin'], null],
        16 => [
            EntryKind::PartInspected,
            [
                'inspection' => $pick(array_keys($bench->family->teardown->inspections)),
                'condition' => $pick(['sound', 'cleaned', 'replace']),
            ],
            null,
        ],
        7 => [
            EntryKind::ThingTouched,
            ['thing' => $pick(['needle_seat', 'fuel', 'float_tang', 'jets', 'nonsense'])],
            null,
        ],
        8 => [
            EntryKind::CheckDone,
            ['check' => $pick(['filter', 'idle', 'shine']), 'passed' => $chance->getInt(0, 1) === 1],
            null,
        ],
        9 => [
            EntryKind::StaleOverridden,
            ['item' => $pick(['needle_hold', 'idle_speed', 'mixture.idle_mixture']), 'reason' => 'seen it'],
            null,
        ],
        10 => [EntryKind::Struck, [], $earlier],
        default => [EntryKind::HandedBack, [], null],
    };
}

it('keeps a sheet in order whatever is logged', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    $pick = fn (array $from): mixed => $from[$chance->getInt(0, count($from) - 1)];
    for ($job = 0; $job < 8; $job++) {
        $bench = new Bench($pick(FamilyFiles::shipped()->ids()), $job % 3 === 0 ? 'air' : 'fuel');
        for ($i = 0; $i < 60; $i++) {
            [$kind, $payload, $supersedes] = anything($bench, $chance);
            try {
                (new Draft($kind, $payload, $supersedes))->refuseUnlessMeantFor(
                    $bench->sheet(),
                    new Seen(count($bench->entries)),
                );
                $bench->add($kind, $payload, $supersedes);
            } catch (Rejected $rejected) {
                expect($rejected->getMessage())->not->toBe('')->and($rejected->reason())->toMatch('/^[a-z_]+$/');
            }
        }
        $sheet = $bench->sheet();
        $context = "SEED={$seed} job {$job}";

        expect($sheet->log->length())
            ->toBe(count($bench->entries), $context)
            ->and(count($sheet->moves()) <= 3)
            ->toBeTrue($context)
            ->and($sheet->handedBackAt === null || $sheet->moves() === [])
            ->toBeTrue($context);
        foreach ($sheet->stations as $station) {
            expect($station->done <= $station->of || $station->of === 1)->toBeTrue($context);
        }
        foreach ($sheet->of(Staleness::class)->items() as $item) {
            expect($item->because)->not->toBe('');
        }
    }
});

it('says in its gates that the needle was never held, whatever else was logged', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    for ($round = 0; $round < 40; $round++) {
        $bench = new Bench;
        for ($i = 0; $i < 12; $i++) {
            [$kind, $payload, $supersedes] = anything($bench, $chance);
            if ($kind === EntryKind::HandedBack) {
                continue;
            }
            try {
                (new Draft($kind, $payload, $supersedes))->refuseUnlessMeantFor(
                    $bench->sheet(),
                    new Seen(count($bench->entries)),
                );
                $bench->add($kind, $payload, $supersedes);
            } catch (Rejected) {
            }
        }

        // Twelve entries cannot prove a machine: no hold test is among them.
        expect(in_array('Needle hold: never tested.', $bench->sheet()->gates(), true))->toBeTrue("SEED={$seed}");
    }
});

it('reads a random log of every kind, one entry at a time or at once, to the same sheet', function (): void {
    $seed = seed();
    $families = FamilyFiles::shipped();
    $seen = [];
    foreach ($families->ids() as $i => $id) {
        foreach ([0, 1] as $round) {
            $family = $families->of($id);
            $context = "SEED={$seed} {$id} {$round}";
            $entries = (new RandomJob($family, Knowledge::real(), $seed + 100 * $i + $round))->log(50);
            $grown = Worksheet::replay($family, Log::of([$entries[0]]));
            foreach (array_slice($entries, 1) as $entry) {
                $grown = $grown->with($entry);
            }
            $whole = Worksheet::replay($family, Log::of($entries));

            expect($grown->bench)
                ->toEqual($whole->bench, $context)
                ->and($grown->stations)
                ->toEqual($whole->stations, $context)
                ->and($grown->gates())
                ->toBe($whole->gates(), $context)
                ->and($grown->moves())
                ->toEqual($whole->moves(), $context);
            foreach ($entries as $entry) {
                $seen[$entry->kind->name()] = true;
            }
        }
    }
    $kinds = array_map(static fn (EntryKind $k): string => $k->value, EntryKind::cases());

    expect(array_values(array_diff($kinds, array_keys($seen))))->toBe([], "SEED={$seed}");
});

it('replays a prefix to what it was then', function (): void {
    $bench = (new Bench)->worked();
    $all = $bench->entries;
    $earlier = new Bench;
    foreach (array_slice($all, 1, 12) as $entry) {
        $earlier->add($entry->kind, $entry->payload->toArray(), $entry->supersedes);
    }
    $sheet = $earlier->sheet();

    expect($sheet->log->length())
        ->toBe(13)
        ->and($sheet->station())
        ->toBe(Station::Strip)
        ->and($sheet->of(Screws::class)->all['idle_mixture']->found?->__toString())
        ->toBe('1 3/4')
        ->and($sheet->of(Screws::class)->all['idle_mixture']->left)
        ->toBeNull();
});

it('undoes a count by a strike and a reading by a correction', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1 3/4')->count('idle_speed', '1');
    $counted = $bench->entries[1]->id;
    $bench->add(EntryKind::ScrewCounted, ['adjuster' => 'idle_mixture', 'units' => 96], $counted);
    expect((string) $bench->sheet()->of(Screws::class)->all['idle_mixture']->found)->toBe('2');
    $bench->add(EntryKind::Struck, ['reason' => 'wrong screw'], $bench->entries[3]->id);
    expect($bench->sheet()->of(Screws::class)->all['idle_mixture']->found)
        ->toBeNull()
        ->and($bench->sheet()->station())
        ->toBe(Station::AsFound);
});

it('keeps the as-found value however often the screw is set later', function (): void {
    $bench = (new Bench)
        ->count('idle_mixture', '3 1/2')
        ->set('idle_mixture', '1 1/2')
        ->set('idle_mixture', '1 3/4', 'run');
    $state = $bench->sheet()->of(Screws::class)->all['idle_mixture'];

    expect((string) $state->found)
        ->toBe('3 1/2')
        ->and((string) $state->left)
        ->toBe('1 3/4')
        ->and((string) $state->current())
        ->toBe('1 3/4');
});

it('forgets no school that was chosen', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::SchoolChosen, ['adjuster' => 'idle_mixture', 'school' => 'midpoint'])
        ->count('idle_mixture', '1');

    expect($bench->sheet()->of(Screws::class)->all['idle_mixture']->school->value)->toBe('midpoint');
});

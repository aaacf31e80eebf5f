<?php

declare(strict_types=1);

use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Build\BuildBay;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\Clean\PartsList;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Triage;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

/** @return list<array{string, string}> */
function everyVariant(): array
{
    $all = [];
    foreach (FamilyFiles::shipped()->ids() as $id) {
        foreach (array_keys(FamilyFiles::shipped()->of($id)->variants) as $variant) {
            $all["{$id}, {$variant}"] = [$id, $variant];
        }
    }

    return $all;
}

it('asks for no count of a screw that is out already', function (): void {
    $bench = (new Bench)->all(Station::Strip);

    expect($bench->sheet()->moves()[0]->station)
        ->toBe(Station::Clean)
        ->and($bench->sheet()->stations['as-found']->of)
        ->toBe(0);
});

it('takes every family and variant from strip to build through the log', function (
    string $family,
    string $variant,
): void {
    $bench = new Bench($family, variant: $variant);
    foreach ($bench->sheet()->of(Screws::class)->all as $key => $state) {
        $bench->count($key, '1');
    }
    $bench->all(Station::Strip);
    expect($bench->sheet()->stations['strip']->isDone())
        ->toBeTrue()
        ->and($bench->sheet()->stations['build']->isDone())
        ->toBeFalse();
    $bench->all(Station::Clean);
    expect($bench->sheet()->stations['clean']->isDone())->toBeTrue();
    while (($move = $bench->sheet()->of(Parts::class)->build->ready()[0] ?? null) !== null) {
        $bench->refuse(EntryKind::PartOn, ['part' => $move->key, 'count' => 1, 'looked' => true]);
        $bench->on($move->key);
    }

    expect($bench->sheet()->of(Parts::class)->isWhole())
        ->toBeTrue()
        ->and($bench->sheet()->stations['build']->isDone())
        ->toBeTrue()
        ->and($bench->sheet()->of(Staleness::class)->items())
        ->toBe([]);
})->with(everyVariant());

it('follows the next move from strip through build', function (): void {
    $bench = new Bench('cube_stacked');
    $bench->count('high', '1 5/8')->count('low', '1 5/8')->count('idle_speed', '1');
    for ($i = 0; $i < 120; $i++) {
        $move = $bench->sheet()->moves()[0];
        match ($move->key) {
            'part_off' => $bench->off($move->target),
            'hold' => $bench->hold(),
            'inspect' => $bench->inspect($move->target),
            'part_on', 'parts_on' => $bench->on($move->target),
            default => null,
        };
        if (in_array($move->key, ['recheck', 'set'], true)) {
            break;
        }
    }

    // What comes off only for a reason was left alone; the hold test came once there was something to test.
    expect($move->key)
        ->toBe('set')
        ->and($bench->sheet()->of(Holds::class)->isPassed())
        ->toBeTrue()
        ->and($bench->sheet()->of(Parts::class)->isWhole())
        ->toBeTrue()
        ->and($bench->sheet()->of(Parts::class)->build->tray->has('welch_plugs'))
        ->toBeFalse();
});

it('builds back only what came off', function (): void {
    $bench = (new Bench)
        ->count('idle_mixture', '1 1/2')
        ->count('idle_speed', '1')
        ->off('air_cleaner', 'throttle_bracket', 'line_clip')
        ->add(EntryKind::StripEnded, []);
    expect($bench->sheet()->stations['strip']->isDone())
        ->toBeTrue()
        ->and($bench->sheet()->stations['build']->of)
        ->toBe(3)
        ->and(array_keys(Inspections::on($bench->sheet()->bench)->all))
        ->toBe([]);
    $bench->on('line_clip', 'throttle_bracket');
    expect($bench->sheet()->gates())->toContain('Left on the tray, cell 1: Air cleaner box.');
    $bench->on('air_cleaner');
    expect($bench->sheet()->of(Parts::class)->isWhole())->toBeTrue();
});

it('leaves a carburetor that was never opened in peace', function (): void {
    $bench = (new Bench)
        ->count('idle_mixture', '1 1/2')
        ->count('idle_speed', '1')
        ->add(EntryKind::StripEnded, ['reason' => 'stale fuel, not opened']);

    expect($bench->sheet()->stations['strip']->isDone())
        ->toBeTrue()
        ->and($bench->sheet()->stations['clean']->isDone())
        ->toBeTrue()
        ->and($bench->sheet()->stations['build']->isDone())
        ->toBeTrue()
        ->and($bench->sheet()->moves()[0]->station)
        ->toBe(Station::BenchTest);
});

it('opens it up once more and asks for what was on top of it first', function (): void {
    $bench = (new Bench('cube_opposed'))->all(Station::Strip)->all(Station::Build);
    expect(fn () => $bench->refuse(EntryKind::PartOff, ['part' => 'metering_diaphragm', 'count' => 1]))->toThrow(
        NotYet::class,
        'Metering cover comes off first',
    );
    $bench
        ->hold()
        ->off(
            'air_filter',
            'fuel_hose',
            'throttle_link',
            'carburetor',
            'metering_screws',
            'metering_cover',
            'metering_diaphragm',
        );
    expect($bench->sheet()->of(Parts::class)->build->leftOver())
        ->toHaveCount(7)
        ->and(array_map(fn ($s): string => $s->key, $bench->sheet()->of(Staleness::class)->items()))
        ->toBe(['needle_hold']);
    $bench->on('metering_diaphragm');
    expect($bench->sheet()->moves()[0]->target)->not->toBe('metering_diaphragm');
});

it('strikes the last part, but none that another rests on', function (): void {
    $bench = (new Bench)->off('air_cleaner', 'throttle_bracket');
    [, $cleaner, $bracket] = $bench->entries;
    expect(fn () => $bench->refuse(EntryKind::Struck, [], supersedes: $cleaner->id))->toThrow(
        NotAllowedNow::class,
        'Air cleaner box comes off first',
    );
    $bench->refuse(EntryKind::Struck, [], supersedes: $bracket->id);
    $bench->add(EntryKind::Struck, [], $bracket->id)->refuse(EntryKind::Struck, [], supersedes: $cleaner->id);

    expect($bench->sheet()->of(Parts::class)->build->tray->off())->toBe(['air_cleaner']);
});

it('asks that a guard be looked at before a part counts', function (): void {
    $bench = (new Bench('kart_pumper'))->all(Station::Strip);
    while ($bench->sheet()->of(Parts::class)->build->ready()[0]->key !== 'metering_diaphragm') {
        $bench->on($bench->sheet()->of(Parts::class)->build->ready()[0]->key);
    }
    expect(fn () => $bench->refuse(EntryKind::PartOn, ['part' => 'metering_diaphragm', 'count' => 1, 'looked' => false]))
        ->toThrow(NotYet::class, 'Spigot inside the fork')
        ->and($bench->count('idle_speed', '1')->hold()->all(Station::Clean)->sheet()->moves()[0]->why)
        ->toContain('Spigot inside the fork');
});

it('makes a parts list of the verdicts and of what was never found', function (): void {
    $bench = new Bench('float_side_pump');
    foreach ($bench->family->plan('')->stripOrder() as $part) {
        $part->key === 'face_spring'
            ? $bench->add(EntryKind::PartMissing, ['part' => 'face_spring', 'said' => 'was not there'])
            : $bench->off($part->key);
    }
    $bench->inspect('needle_tip', 'replace', 'ring')->inspect('main_jet', 'replace', 'ears broken');
    $needs = fn (): array => array_map(
        fn ($p): array => [$p->name, $p->isInKit, $p->isFitted],
        PartsList::of($bench->sheet()->bench),
    );
    expect($needs())->toBe([
        ['Inlet needle', true, false],
        ['Main jet', false, false],
        ['Small copper spring on the carburetor face', false, false],
    ]);
    // A missing spring stops the pump from being closed, and is asked for where it is missing.
    while ($bench->sheet()->of(Parts::class)->build->ready() !== []) {
        $bench->on($bench->sheet()->of(Parts::class)->build->ready()[0]->key);
    }
    $waiting = $bench->sheet()->of(Parts::class)->build;
    expect($waiting->waits('back_plate'))
        ->toBeTrue()
        ->and((new BuildBay)->moves($bench->sheet())[0]->do)
        ->toBe('Fit one and account for it: small copper spring on the carburetor face')
        ->and(fn () => $bench->refuse(EntryKind::PartOn, ['part' => 'back_plate', 'count' => 1, 'looked' => true]))
        ->toThrow(NotYet::class, 'was never found');
    $bench->add(EntryKind::PartAccounted, ['part' => 'face_spring', 'became' => 'new one fitted'])->all(Station::Build);

    expect(array_column($needs(), 2))
        ->toBe([true, true, true])
        ->and($bench->sheet()->of(Parts::class)->isWhole())
        ->toBeTrue();
});

it('keeps the clocks that run', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::ClockStarted, ['clock' => 'soak', 'minutes' => 30, 'what' => 'jets'])
        ->add(EntryKind::ClockStarted, ['clock' => 'dry', 'minutes' => 10]);
    [$dry, $soak] = $bench->sheet()->of(Clocks::class)->running();
    expect($soak->name)
        ->toBe('Soak')
        ->and($soak->dueAt()->getTimestamp() - $soak->startedAt->getTimestamp())
        ->toBe(1800)
        ->and($dry->name)
        ->toBe('Dry');
    $bench->add(EntryKind::ClockEnded, ['clock' => $soak->entryId]);
    expect($bench->sheet()->of(Clocks::class)->running())->toHaveCount(1);
    expect(fn () => $bench->refuse(EntryKind::ClockEnded, ['clock' => $soak->entryId]))->toThrow(
        NotAllowedNow::class,
        'not running',
    );
});

it('lets the other tests decide where no hold test applies', function (): void {
    $bench = new Bench('pulse_pump');
    expect($bench->sheet()->stations['as-found']->isDone())
        ->toBeTrue('nothing to count')
        ->and($bench->sheet()->stations['bench-test']->of)
        ->toBe(3);
    foreach (['diaphragm_feel', 'pulse', 'delivery'] as $test) {
        $bench->add(EntryKind::TestDone, ['test' => $test, 'passed' => true]);
    }
    expect($bench->sheet()->stations['bench-test']->isDone())->toBeTrue();
    $bench->add(EntryKind::TestDone, ['test' => 'pulse', 'passed' => false]);
    expect($bench->sheet()->gates())->toContain('2 of 3 bench tests passed.');
});

it('doubts a setting once its screw was out, and what a new part disturbs', function (): void {
    $bench = (new Bench('cube_opposed', variant: 'independent'))
        ->set('high', '1', 'run')
        ->set('low', '1', 'run')
        ->set('idle_speed', '1', 'run')
        ->off('air_filter', 'fuel_hose', 'throttle_link', 'carburetor');
    $stale = fn (): array => array_map(
        fn ($s): string => "{$s->key}: {$s->because}",
        $bench->sheet()->of(Staleness::class)->items(),
    );
    expect($stale())->toBe(['mixture.high: Air cleaner was off at Strip', 'mixture.low: Air cleaner was off at Strip']);
    $bench->set('high', '1', 'run')->set('low', '1', 'run')->off('low_needle');
    expect($stale())->toBe(['mixture.low: L needle was out at Strip']);
});

it('passes over what a file written elsewhere got wrong', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::PartOff, ['part' => 'float', 'count' => 1])
        ->add(EntryKind::PartOn, ['part' => 'bowl', 'count' => 1, 'looked' => true])
        ->off('air_cleaner');

    expect($bench->sheet()->of(Parts::class)->build->tray->off())
        ->toBe(['air_cleaner'])
        ->and($bench->sheet()->log->length())
        ->toBe(4);
});

it('lets no machine go with a check put off and forgotten', function (): void {
    $bench = (new Bench)->worked()->add(EntryKind::CheckPromised, ['what' => 'impulse fitting under pressure']);
    $promise = $bench->entries[count($bench->entries) - 1]->id;
    expect(fn () => $bench->refuse(EntryKind::HandedBack, []))->toThrow(
        NotAllowedNow::class,
        'Put off and not done: impulse fitting',
    );
    $bench->add(EntryKind::PromiseKept, ['promise' => $promise, 'result' => 'tight']);
    $bench->refuse(EntryKind::HandedBack, []);
    expect(fn () => $bench->refuse(EntryKind::PromiseKept, ['promise' => $promise, 'result' => 'again']))->toThrow(
        NotAllowedNow::class,
        'done already',
    );
});

it('lets no machine go with a part still to fit', function (): void {
    $bench = (new Bench)->worked()->inspect('needle_tip', 'replace', 'ring');

    expect(fn () => $bench->refuse(EntryKind::HandedBack, []))->toThrow(
        NotAllowedNow::class,
        'Still to fit: Inlet needle',
    );
});

it('takes every family from intake to a hand-back that nothing stands in the way of', function (
    string $family,
    string $variant,
): void {
    $bench = new Bench($family, variant: $variant);
    foreach (array_keys($bench->sheet()->of(Screws::class)->all) as $screw) {
        $bench->count($screw, '1');
    }
    $bench->all(Station::Strip)->all(Station::Clean)->all(Station::Build);
    $bench->family->proof->hold === null ?: $bench->hold();
    foreach (array_keys($bench->family->proof->tests) as $test) {
        $bench->add(EntryKind::TestDone, ['test' => $test, 'passed' => true]);
    }
    // Those that upset others first, so that nothing is left to check again.
    foreach (array_keys($bench->sheet()->of(Screws::class)->all) as $screw) {
        $bench->set($screw, '1', 'run');
    }
    $bench->balanced()->checks();

    expect($bench->sheet()->gates())->toBe([]);
    $bench->refuse(EntryKind::HandedBack, []);
    expect(array_keys(array_filter($bench->sheet()->stations, fn ($s): bool => ! $s->isDone())))->toBe(['hand-back']);
})->with(everyVariant());

it('does not take a new barb for fitted because its hose went on', function (): void {
    $bench = (new Bench('cube_opposed'))->all(Station::Strip)->inspect('barb', 'replace', 'split seam');
    $bench->all(Station::Build);
    $cured = fn (): array => (new Triage(Knowledge::real(), $bench->sheet()))->case()->repaired;
    $needs = fn (): array => array_column(PartsList::of($bench->sheet()->bench), 'isFitted', 'name');

    expect($needs()['Inlet barb'])
        ->toBeFalse()
        ->and($bench->sheet()->gates())
        ->toContain('Still to fit: Inlet barb.')
        ->and($cured())
        ->not->toContain('inlet_barb_split');

    $bench->inspect('barb', 'renewed');
    expect($needs()['Inlet barb'])
        ->toBeTrue()
        ->and($bench->sheet()->gates())
        ->not->toContain('Still to fit: Inlet barb.')
        ->and($cured())
        ->toContain('inlet_barb_split');
});

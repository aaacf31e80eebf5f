<?php

declare(strict_types=1);

use DustyJet\Carburetor\Drive;
use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Worksheet\Bays;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Idling\Idling;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Stale\Staleness;
use Tests\Core\Worksheet\Bench;

it('keeps the idle as it was last read', function (): void {
    $bench = (new Bench('cube_opposed'))
        ->add(EntryKind::IdleRead, ['rpm' => 3400.0, 'manner' => 'smooth'])
        ->add(EntryKind::IdleRead, ['rpm' => 2800.0, 'manner' => 'smooth']);

    expect($bench->sheet()->of(Idling::class)->latest?->rpm)->toBe(2800.0);
});

it('puts a chain that turns at idle before everything else', function (): void {
    $bench = (new Bench('cube_opposed'))->add(EntryKind::IdleRead, ['rpm' => 3400.0, 'manner' => 'creeps']);
    expect($bench->sheet()->moves()[0]->do)->toBe('Stop. It drives at idle')
        ->and(RunBay::stop($bench->sheet())?->target)->toBe(Idling::TAB);
    $bench->add(EntryKind::IdleRead, ['rpm' => 2800.0, 'manner' => 'smooth']);

    expect(RunBay::stop($bench->sheet()))->toBeNull();
});

it('is for a whole machine that idles, and for what it can do', function (): void {
    expect(fn () => (new Bench('cube_opposed'))->refuse(EntryKind::IdleRead, ['rpm' => 2800.0, 'manner' => 'clunks']))
        ->toThrow('what is listed for this machine')
        ->and(fn () => (new Bench)->off('air_cleaner', 'throttle_bracket')
            ->refuse(EntryKind::IdleRead, ['rpm' => 1700.0, 'manner' => 'smooth']))->toThrow(NotAllowedNow::class);
    // A file from elsewhere may hold it: nothing is kept of it.
    $bench = (new Bench('cube_opposed'))->add(EntryKind::IdleRead, ['rpm' => 0.0, 'manner' => 'smooth']);

    expect($bench->sheet()->of(Idling::class)->latest)->toBeNull();
});

it('knows what each family drives', function (string $family, Drive $drive): void {
    expect(FamilyFiles::shipped()->of($family)->card->drive)->toBe($drive);
})->with([
    ['cube_opposed', Drive::Clutch],
    ['kart_pumper', Drive::Clutch],
    ['small_outboard', Drive::Gear],
    ['outboard_bank', Drive::Gear],
    ['float_pilot_jet', Drive::Direct],
]);

it('takes an idle that was read for the stop screw left, until the mixture moves it', function (): void {
    $bench = (new Bench)->set('idle_mixture', '1 1/2', 'run');
    expect($bench->sheet()->moves()[0]->key)->not->toBe('idle_set')
        ->and($bench->sheet()->gates())->toContain('The screws are not logged as left.');
    $bench->add(EntryKind::IdleRead, ['rpm' => 1760.0, 'manner' => 'smooth']);
    expect($bench->sheet()->gates())->not->toContain('The screws are not logged as left.')
        ->and($bench->sheet()->of(Staleness::class)->items())->toBe([]);

    $bench->set('idle_mixture', '1 5/8', 'run');
    $stale = $bench->sheet()->of(Staleness::class)->items();
    expect(array_column($stale, 'what'))->toBe(['Idle, 1,760 rpm']);
    $bench->add(EntryKind::IdleRead, ['rpm' => 1740.0, 'manner' => 'smooth']);
    expect($bench->sheet()->of(Staleness::class)->items())->toBe([]);
});

it('does not take an idle that was read for a mixture screw left', function (): void {
    $bench = (new Bench)->add(EntryKind::IdleRead, ['rpm' => 1760.0, 'manner' => 'smooth']);

    expect($bench->sheet()->gates())->toContain('The screws are not logged as left.');
});

it('asks for the turns of a stop screw at Set only where it is the only screw', function (): void {
    $asked = static fn (string $family): array => array_map(
        static fn (Move $m): string => $m->target,
        Bays::at(Station::Set)->moves((new Bench($family))->sheet()),
    );

    expect($asked('float_pilot_jet'))->toBe(['idle_mixture'])->and($asked('float_fixed_jet'))->toBe(['idle_speed']);
});

<?php

declare(strict_types=1);

use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Governing\Governing;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Run\RunBay;
use Tests\Core\Worksheet\Bench;

it('keeps the governed speed as it was last read', function (): void {
    $bench = (new Bench)
        ->add(EntryKind::GovernedSpeedRead, ['rpm' => 3900.0, 'holds' => 'steady'])
        ->add(EntryKind::GovernedSpeedRead, ['rpm' => 3750.0, 'loaded_rpm' => 3600.0, 'poles' => 2, 'holds' => 'steady']);
    $latest = $bench->sheet()->of(Governing::class)->latest;
    expect($latest?->noLoadRpm)->toBe(3750.0)->and($latest?->fullLoadHz())->toEqualWithDelta(60.0, 1e-9);
});

it('puts over-speed before everything else', function (): void {
    $bench = (new Bench)->add(EntryKind::GovernedSpeedRead, ['rpm' => 4500.0, 'holds' => 'steady']);
    expect($bench->sheet()->moves()[0]->do)->toStartWith('Stop. It runs far over')
        ->and(RunBay::stop($bench->sheet())?->key)->toBe('governed');
    // Read again, as it should be: over.
    $bench->add(EntryKind::GovernedSpeedRead, ['rpm' => 3600.0, 'holds' => 'steady']);
    expect(RunBay::stop($bench->sheet()))->toBeNull();
});

it('is for what has a governor, whole, and for numbers that can be', function (): void {
    $read = ['rpm' => 3600.0, 'holds' => 'steady'];
    expect(fn () => (new Bench('cube_opposed'))->refuse(EntryKind::GovernedSpeedRead, $read))
        ->toThrow(NotAllowedNow::class, 'A governor')
        ->and(fn () => (new Bench)->refuse(EntryKind::GovernedSpeedRead, ['rpm' => 0.0, 'holds' => 'steady']))
        ->toThrow('above 0')
        ->and(fn () => (new Bench)->off('air_cleaner', 'throttle_bracket')->refuse(EntryKind::GovernedSpeedRead, $read))
        ->toThrow(NotAllowedNow::class);
    // A file from elsewhere may hold it: nothing is kept of it.
    $bench = (new Bench)->add(EntryKind::GovernedSpeedRead, ['rpm' => 0.0, 'holds' => 'steady']);
    expect($bench->sheet()->of(Governing::class)->latest)->toBeNull();
});

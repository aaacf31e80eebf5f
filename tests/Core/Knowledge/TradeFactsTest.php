<?php

declare(strict_types=1);

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Inspection;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Quantity\Turns;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Screws\AsFoundBay;
use DustyJet\Worksheet\Screws\SetBay;
use Tests\Core\StripAndBuild\Strips;
use Tests\Core\Worksheet\Bench;

// Facts of the trade that a family file must not get wrong. Common practice.

/** @return list<string> the parts of a variant in the order they come off, or go back on */
function handled(string $family, bool $back = false, ?string $variant = null): array
{
    $plan = Strips::plan($family, $variant);
    $order = $back ? Build::from(Strips::down($plan))->order() : $plan->stripOrder();

    return array_map(static fn (TrayPart $p): string => $p->key, $order);
}

/** @param  list<string>  $order */
function comesBefore(array $order, string $first, string $then): bool
{
    expect($order)->toContain($first, $then);

    return array_search($first, $order, true) < array_search($then, $order, true);
}

function familyOf(string $id): Family
{
    return FamilyFiles::shipped()->of($id);
}

it('counts a stop screw from its cam, in and faster; a mixture screw from its seat, out', function (string $id): void {
    expect(familyOf($id)->adjusters)->toBeArray();
    foreach (familyOf($id)->adjusters as $key => $adjuster) {
        expect($adjuster->datum()->countsIn())
            ->toBe($key === 'idle_speed')
            ->and($adjuster->datum()->countsIn() ? $adjuster->sense->turningIn() : 'faster')
            ->toBe('faster');
    }
    if (! isset(familyOf($id)->adjusters['idle_speed'])) {
        return;
    }
    $bench = new Bench($id);
    $found = array_values(array_filter(
        (new AsFoundBay)->moves($bench->sheet()),
        static fn ($m): bool => $m->target === 'idle_speed',
    ))[0];
    $set = (new SetBay)->moves($bench->sheet())[0];

    expect($found->do)
        ->toContain(' out to its cam')
        ->and($found->why)
        ->not->toContain('seated')
        ->and("{$set->do}. {$set->why}")
        ->toContain(' in until it touches, then 1 further in');
})->with(FamilyFiles::shipped()->ids());

it('takes the float of the side-pump twin off before the gasket, and puts the gasket on first', function (): void {
    $off = handled('float_side_pump');
    $on = handled('float_side_pump', back: true);

    expect(comesBefore($off, 'float', 'body_gasket'))
        ->toBeTrue()
        ->and(comesBefore($off, 'needle', 'body_gasket'))
        ->toBeTrue()
        ->and(comesBefore($on, 'body_gasket', 'needle'))
        ->toBeTrue()
        ->and(comesBefore($on, 'body_gasket', 'float'))
        ->toBeTrue();
});

it('has the gauze of a kart carburetor under its pump plate, and the throttle on the tray', function (): void {
    expect(comesBefore(handled('kart_pumper'), 'pump_plate', 'inlet_gauze'))
        ->toBeTrue()
        ->and(array_keys(Strips::plan('kart_pumper')->parts))
        ->toContain('throttle_screw', 'throttle_plate', 'shaft_clip', 'throttle_shaft');
});

it('sets H of a kart in sixteenths within half a turn, with a top speed on its card', function (): void {
    $kart = familyOf('kart_pumper');

    expect($kart->adjusters['high']->book->step->inTurns())
        ->toBe(1 / 16)
        ->and($kart->adjusters['high']->book->range[1]->inTurns())
        ->toBe(0.5)
        ->and($kart->card->topRpm)
        ->not->toBeNull()
        ->not->toBe($kart->card->idleRpm);
});

it('has one plate in a stacked cube, with the pump diaphragm on it', function (): void {
    $parts = array_keys(Strips::plan('cube_stacked')->parts);
    $layers = array_map(
        static fn ($l): ?string => $l->part,
        familyOf('cube_stacked')->drawing->stacks['One side, two layers'],
    );

    expect($parts)
        ->toContain('middle_plate')
        ->not->toContain('metering_cover')
        ->and(array_search('pump_diaphragm', $layers, true))
        ->toBe(array_search('middle_plate', $layers, true) + 1);
});

it('fits the choke rod of a small outboard first, then its plate, hole down', function (): void {
    $on = handled('small_outboard', back: true);
    $parts = Strips::plan('small_outboard')->parts;

    expect(comesBefore($on, 'choke_rod', 'choke_plate'))
        ->toBeTrue()
        ->and(comesBefore($on, 'choke_plate', 'choke_screws'))
        ->toBeTrue()
        ->and(implode(' ', $parts['choke_plate']->looks()))
        ->toContain('Hole down')
        ->and($parts['rubber_washer']->on)
        ->toBe('packing');
});

it('balances a bank last, to the carburetor that has no screw', function (): void {
    $bank = familyOf('outboard_bank');

    expect(array_keys($bank->proof->tests))
        ->not->toContain('balance')
        ->and($bank->proof->checks['balance']->do)
        ->toContain('Last, after mixture and idle')
        ->toContain('the one that has none')
        ->and($bank->teardown->links['reference'])
        ->toBe('Which carburetor has no balance screw')
        ->and($bank->fits)
        ->toContain('four-stroke');
});

it('judges the main needle of a governed engine by smoke and stumble, not by speed', function (string $id): void {
    expect(familyOf($id)->adjusters['main']->judge)->toContain('governor')->toContain('smoke')->toContain('stumble');
})->with(['suction_lift', 'suction_lift_choke', 'float_adjustable_main', 'updraft']);

it('says a range where the book has one', function (string $id, string $screw, string $from, string $to): void {
    $book = familyOf($id)->adjusters[$screw]->book;

    expect(array_map(static fn (Turns $t): string => (string) $t, $book->range ?? []))
        ->toBe([$from, $to])
        ->and($book->turns->inUnits())
        ->toBeGreaterThanOrEqual($book->range[0]->inUnits())
        ->toBeLessThanOrEqual($book->range[1]->inUnits());
})->with([
    ['suction_lift', 'main', '1 1/4', '1 1/2'],
    ['updraft', 'idle_mixture', '1 1/2', '2'],
    ['cube_opposed', 'high', '1', '1 1/2'],
    ['kart_pumper', 'low', '1/2', '1'],
    ['outboard_bank', 'middle', '2', '2 1/2'],
]);

it('judges and orders gaskets and O-rings of float carburetors', function (string $id, array $looks): void {
    foreach ($looks as $look) {
        $inspection = familyOf($id)->teardown->inspections[$look] ?? null;
        expect($inspection)->toBeInstanceOf(Inspection::class, $look)->and($inspection->new)->not->toBeNull($look);
    }
})->with([
    ['float_fixed_jet', ['bowl_seal']],
    ['float_adjustable_main', ['bowl_seal']],
    ['float_pilot_jet', ['bowl_seal', 'pilot_rings']],
    ['updraft', ['bowl_seal']],
    ['float_side_pump', ['bowl_seal', 'drain_ring']],
    ['small_outboard', ['bowl_seal', 'packing']],
    ['outboard_bank', ['bowl_seal', 'o_rings']],
]);

it('knows the bowl bolt that is the main jet', function (): void {
    $parts = Strips::plan('float_fixed_jet', 'bolt_jet')->parts;

    expect($parts)
        ->toHaveKey('jet_bolt')
        ->not->toHaveKey('main_jet')
        ->and($parts['jet_bolt']->on)
        ->toBe('mainjet')
        ->and(familyOf('float_fixed_jet')->inspectionsOf('bolt_jet'))
        ->toHaveKey('main_jet');
});

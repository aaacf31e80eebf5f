<?php

declare(strict_types=1);

use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Build\BuildOrder;
use Tests\Core\StripAndBuild\Strips;

// The mishaps with parts that the trade tells of, each common practice, each by its name: what would have prevented it
// does.

it('catches the fuel line clip found after the bracket was on', function (): void {
    $build = Strips::upTo(Strips::down(Strips::plan('float_pilot_jet')), 'line_clip');

    expect(fn () => $build->place('throttle_bracket', looked: true))->toThrow(
        NotYet::class,
        'Fuel line clip goes in first. Behind the bracket nobody reaches it',
    );
});

it('catches the missing copper spring, lost or absent', function (): void {
    $plan = Strips::plan('float_side_pump', 'fixed_jet');
    $tray = Tray::empty($plan);
    foreach ($plan->stripOrder() as $part) {
        $tray
            = $part->key === 'face_spring'
                ? $tray->isMissing('face_spring', 'not in the pump when it was opened')
                : $tray->takeOff($part->key);
    }
    expect($tray->springs())->toBe(['found' => 2, 'expected' => 3]);

    $build = Build::from($tray);
    while ($build->ready() !== []) {
        $build = $build->place($build->ready()[0]->key, looked: true);
    }
    expect($build->leftOver())
        ->toContain('Never found: Small copper spring on the carburetor face (not in the pump when it was opened).')
        ->and($build->isDone())
        ->toBeFalse()
        ->and($build->lost())
        ->toBe(['face_spring'])
        ->and(fn () => $build->place('back_plate', looked: true))
        ->toThrow(NotYet::class, 'Small copper spring on the carburetor face was never found');

    $build = $build->account('face_spring', 'a new one is in');
    while ($build->ready() !== []) {
        $build = $build->place($build->ready()[0]->key, looked: true);
    }
    expect($build->isDone())->toBeTrue();
});

it('closes nothing over a spring of which one is short', function (): void {
    $plan = Strips::plan('cube_opposed');
    $tray = Tray::empty($plan);
    foreach ($plan->stripOrder() as $part) {
        $tray = $tray->takeOff($part->key, $part->key === 'needle_springs' ? 1 : null);
    }
    $build = Build::from($tray)->place('needle_springs', looked: true, count: 1);

    expect($build->lost())
        ->toBe(['needle_springs'])
        ->and(fn () => $build->account('needle_springs', 'one new')->place('high_needle', looked: true))
        ->not->toThrow(NotYet::class, 'was never found')
        ->and(fn () => $build->place('high_needle', looked: true))
        ->toThrow(NotYet::class, 'was never found');
});

it('catches the choke plate fitted the wrong way round, before the bowl closes', function (): void {
    $tray = Strips::down(Strips::plan('small_outboard'));
    $build = Strips::upTo($tray, 'choke_plate');

    expect(fn () => $build->place('choke_plate'))
        ->toThrow(NotYet::class, 'Hole down')
        ->and($build->tray->plan->before('bowl'))
        ->toHaveKey('choke_plate');
});

it('catches the cover put on upside down', function (string $family, string $cover): void {
    $build = Strips::upTo(Strips::down(Strips::plan($family)), $cover);

    expect(fn () => $build->place($cover))->toThrow(NotYet::class, 'look before it counts');
})->with([
    ['cube_opposed', 'metering_cover'],
    ['cube_opposed', 'pump_cover'],
    ['kart_pumper', 'metering_cover'],
    ['suction_lift_choke', 'side_cover'],
    ['suction_lift', 'side_plate'],
    ['pulse_pump', 'vented_cover'],
]);

it('catches the throttle plate off center', function (): void {
    $build = Strips::upTo(Strips::down(Strips::plan('cube_opposed')), 'throttle_plate');

    expect(fn () => $build->place('throttle_plate'))->toThrow(NotYet::class, 'light only through the notches');
});

it('catches the pump stack that slipped', function (): void {
    $tray = Strips::down(Strips::plan('float_side_pump'));
    $order = array_map(fn (TrayPart $p): string => $p->key, Build::from($tray)->order());
    $stack = array_values(
        array_intersect($order, [
            'outer_gasket',
            'post_spring',
            'large_spring',
            'spring_cap',
            'pump_diaphragm',
            'inner_gasket',
            'face_spring',
            'back_plate',
            'pump_bolts',
        ]),
    );

    expect($stack)
        ->toBe([
            'outer_gasket',
            'post_spring',
            'large_spring',
            'spring_cap',
            'pump_diaphragm',
            'inner_gasket',
            'face_spring',
            'back_plate',
            'pump_bolts',
        ])
        ->and(fn () => Strips::upTo($tray, 'back_plate')->place('back_plate'))
        ->toThrow(NotYet::class, 'One straight movement');
});

it('catches the vacuum hose forgotten', function (): void {
    $tray = Strips::down(Strips::plan('float_side_pump'));
    $build = Build::from($tray);
    foreach ($build->order() as $part) {
        $build = $part->key === 'vacuum_hose' ? $build : $build->place($part->key, looked: true);
    }

    expect($build->leftOver())->toHaveCount(1)->and($build->leftOver()[0])->toContain('Crankcase vacuum hose');
});

it('catches the two air jets forgotten until late', function (): void {
    $plan = Strips::plan('float_pilot_jet', 'pump_fed');
    $tray = Strips::down($plan, without: ['air_jets']);
    expect(array_map(fn (TrayPart $p): string => "{$p->count} {$p->key}", $tray->unaccounted()))->toBe(['2 air_jets']);

    // And put back in time: before the bowl.
    $build = Strips::upTo(Strips::down($plan), 'air_jets');
    expect($plan->before('bowl'))
        ->toHaveKey('air_jets')
        ->and(fn () => $build->place('bowl', looked: true))
        ->toThrow(NotYet::class);
});

it('catches one of the two air jets left in', function (): void {
    $plan = Strips::plan('float_pilot_jet', 'pump_fed');
    $tray = Tray::empty($plan);
    foreach ($plan->stripOrder() as $part) {
        $tray = $tray->takeOff($part->key, $part->key === 'air_jets' ? 1 : null);
    }

    expect($tray->miscounts())->toBe([
        ['key' => 'air_jets', 'name' => 'Throat air jets', 'found' => 1, 'expected' => 2],
    ]);
});

it('catches the bowl turned by guess', function (string $family): void {
    $build = Strips::upTo(Strips::down(Strips::plan($family)), 'bowl');

    expect(fn () => $build->place('bowl'))->toThrow(NotYet::class, 'Drain facing out');
})->with(['float_fixed_jet', 'float_adjustable_main', 'float_pilot_jet']);

it('catches H and L mixed up', function (string $family): void {
    $tray = Strips::down(Strips::plan($family));
    foreach (['high_needle' => 'H', 'low_needle' => 'L'] as $needle => $letter) {
        expect($tray->cell($needle)?->name)
            ->toBe("{$letter} needle")
            ->and(fn () => Strips::upTo($tray, $needle)->place($needle))
            ->toThrow(NotYet::class, 'label');
    }
    expect($tray->cell('high_needle')?->number)->not->toBe($tray->cell('low_needle')?->number);
})->with(['cube_opposed', 'cube_stacked', 'kart_pumper']);

it('catches the diaphragm disc facing out', function (): void {
    $build = Strips::upTo(Strips::down(Strips::plan('cube_opposed')), 'metering_diaphragm');

    expect(fn () => $build->place('metering_diaphragm'))->toThrow(NotYet::class, 'Disc toward the body');
});

it('catches the gasket order reversed, on both sides', function (string $family): void {
    $tray = Strips::down(Strips::plan($family));

    expect(fn () => Strips::upTo($tray, 'metering_gasket')->place('metering_diaphragm', looked: true))
        ->toThrow(NotYet::class, 'Metering gasket goes in first')
        ->and(fn () => Strips::upTo($tray, 'pump_diaphragm')->place('pump_gasket', looked: true))
        ->toThrow(NotYet::class, 'Pump diaphragm goes in first');
})->with(['cube_opposed', 'cube_stacked']);

it('warns of the brass jet before the slot breaks', function (string $family, string $jet): void {
    expect(Strips::plan($family)->parts[$jet]->heed->caution)->toContain('Full-width blade');
})->with([['float_fixed_jet', 'main_jet'], ['float_pilot_jet', 'main_jet'], ['suction_lift', 'brass_jet']]);

it('catches the old gasket destroyed before it was matched', function (string $family): void {
    $plan = Strips::plan($family);
    $tray = Tray::empty($plan);
    foreach ($plan->stripOrder() as $part) {
        if ($part->key === 'match_gasket') {
            break;
        }
        $tray = array_diff($part->after, $tray->off()) === [] ? $tray->takeOff($part->key) : $tray;
    }

    expect(fn () => $tray->takeOff('scrape_faces'))->toThrow(
        NotYet::class,
        'Match the old gasket with the kit comes off first',
    );
})->with(['float_side_pump', 'suction_lift_choke', 'updraft']);

it('catches the governor spring in the wrong hole', function (string $family): void {
    $build = Strips::upTo(Strips::down(Strips::plan($family)), 'governor_spring');

    expect(fn () => $build->place('governor_spring'))->toThrow(NotYet::class, 'hole');
})->with(['float_fixed_jet', 'float_adjustable_main', 'float_pilot_jet', 'updraft']);

it('catches the emulsion tube the wrong way up', function (string $family): void {
    $build = Strips::upTo(Strips::down(Strips::plan($family)), 'emulsion_tube');

    expect(fn () => $build->place('emulsion_tube'))->toThrow(NotYet::class, 'Long collar first');
})->with(['float_fixed_jet', 'float_adjustable_main', 'float_pilot_jet']);

it('catches the spigot not in the fork', function (): void {
    $build = Strips::upTo(Strips::down(Strips::plan('kart_pumper')), 'metering_diaphragm');

    expect(fn () => $build->place('metering_diaphragm'))->toThrow(NotYet::class, 'Spigot inside the fork');
});

it('flags the critical spring that must not be stretched', function (string $family): void {
    expect(Strips::plan($family)->parts['metering_spring']->heed->caution)->toMatch('/stretch/');
})->with(['cube_opposed', 'cube_stacked', 'kart_pumper']);

it('keeps rubber out of the cleaner', function (): void {
    foreach (Strips::all() as [$plan]) {
        foreach ($plan->parts as $part) {
            if (! $part->isTask && preg_match('/o_ring|diaphragm|gasket$|^needle$|inlet_needle/', $part->key) === 1) {
                expect($part->heed->never)->toBe('cleaner', "{$plan->family} {$part->key}");
            }
        }
    }
});

it('catches the assembly with parts outstanding', function (): void {
    $tray = Strips::down(Strips::plan('cube_opposed'));
    $build = Build::from($tray);
    foreach ($build->order() as $part) {
        $build = $build->place($part->key, looked: true, count: $part->key === 'metering_screws' ? 3 : null);
    }
    expect($build->leftOver())->toBe([
        'Left on the tray, cell '.$tray->cell('metering_screws')?->number.': Metering cover screws, 1 of 4.',
    ]);

    // A new one from the kit, or a note of what became of it, accounts for it.
    expect($build->account('metering_screws', 'one lost, new one fitted')->isDone())->toBeTrue();
});

it('catches the part that should not have been there', function (): void {
    $tray = Strips::down(Strips::plan('pulse_pump'))->unexpected('Second spring', 1);
    $build = Build::from($tray);
    foreach ($build->order() as $part) {
        $build = $build->place($part->key, looked: true);
    }

    expect($build->leftOver())
        ->toHaveCount(1)
        ->and($build->leftOver()[0])
        ->toContain('Second spring')
        ->and($build->account('unexpected_13', 'left out: somebody\'s addition')->isDone())
        ->toBeTrue();
});

it('catches the putty left in a drilling', function (): void {
    $build = Strips::upTo(Strips::down(Strips::plan('cube_opposed')), 'putty');
    $forgotten = Strips::without(Strips::down(Strips::plan('cube_opposed')), 'putty');

    expect(fn () => $forgotten->place('metering_gasket', looked: true))
        ->toThrow(NotYet::class, 'Putty pieces in the openings goes in first')
        ->and(fn () => $build->place('putty'))
        ->toThrow(NotYet::class, 'As many out as went in')
        ->and(fn () => $build->place('putty', looked: true, count: 3))
        ->toThrow(NotYet::class, 'only 2');
});

it('catches the nail varnish that blocks the nozzle', function (): void {
    $build = Strips::upTo(Strips::down(Strips::plan('cube_stacked')), 'check_nozzle');

    expect(fn () => $build->place('check_nozzle'))->toThrow(NotYet::class, 'free-flow and vacuum tried again');
});

it('catches the parts taken from a shelf carburetor, and nobody knows where they went', function (): void {
    $build = Build::from(Strips::down(Strips::plan('float_fixed_jet')));
    foreach ($build->order() as $part) {
        $build
            = $part->key === 'float'
                ? $build->account('float', 'went into DJ-0412')
                : $build->place($part->key, looked: true);
    }
    expect($build->isDone())
        ->toBeTrue()
        ->and($build->accounted)
        ->toBe(['float' => 'went into DJ-0412']);
    $silent = Strips::upTo(Strips::down(Strips::plan('float_fixed_jet')), 'float');

    expect(implode(' ', $silent->leftOver()))->toContain('Float.');
});

it('catches the aluminum stripped by one turn too many: it is drawn up in stages', function (
    string $family,
    string $screws,
): void {
    $build = Strips::upTo(Strips::down(Strips::plan($family)), $screws);

    expect(fn () => $build->place($screws))
        ->toThrow(NotYet::class, 'look before it counts')
        ->and($build->tray->plan->parts[$screws]->heed->tighten)
        ->toMatch('/stages|crosswise|snug|hand/i');
})->with([
    ['float_side_pump', 'top_bolts'],
    ['float_side_pump', 'pump_bolts'],
    ['cube_opposed', 'metering_screws'],
    ['suction_lift', 'plate_screws'],
    ['small_outboard', 'bowl_screws'],
    ['kart_pumper', 'pump_screws'],
    ['updraft', 'body_screws'],
]);

it('gives the reason of an order to the part that must go in first, while the other waits', function (): void {
    $build = Build::from(Strips::down(Strips::plan('float_pilot_jet')));
    while ($build->ready()[0]->key !== 'needle_clip') {
        $build = $build->place($build->ready()[0]->key, looked: true);
    }
    $plan = $build->tray->plan;

    expect(BuildOrder::why($build, $plan->parts['needle_clip']))
        ->toBe('The needle hangs on its clip: before the inlet needle')
        ->and(BuildOrder::why($build->account('needle', 'scrapped'), $plan->parts['needle_clip']))->toBeNull()
        ->and(BuildOrder::why($build, $plan->parts['bowl']))->toBeNull();
});

it('does not count a spring that stays in as lost', function (): void {
    foreach (['float_pilot_jet', 'cube_opposed', 'kart_pumper', 'small_outboard'] as $family) {
        $plan = Strips::plan($family);
        $kept = array_keys(array_filter($plan->parts, fn ($part): bool => $part->isSpring && $part->isOptional));
        $tray = Tray::empty($plan);
        foreach ($tray->rest() as $part) {
            $tray = $tray->takeOff($part->key);
        }
        $counted = $tray->springs();
        expect($counted['found'])->toBe($counted['expected'], $family);
        foreach ($kept as $spring) {
            if (array_diff($plan->parts[$spring]->after, $tray->off()) === []) {
                $more = $tray->takeOff($spring)->springs();
                expect($more['expected'])->toBeGreaterThan($counted['expected'])
                    ->and($more['found'])->toBe($more['expected']);
            }
        }
    }
});

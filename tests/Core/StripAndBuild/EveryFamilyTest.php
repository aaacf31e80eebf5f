<?php

declare(strict_types=1);

use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\StripAndBuild\Strips;

/** Takes a plan down in an order chance picks among those the rules allow. */
function downAtRandom(StripPlan $plan, Randomizer $chance): Tray
{
    $tray = Tray::empty($plan);
    while (($ready = $plan->ready($tray->off())) !== []) {
        $tray = $tray->takeOff($ready[$chance->getInt(0, count($ready) - 1)]->key);
    }

    return $tray;
}

it('has a strip for every family the diagnosis knows', function (): void {
    $families = array_unique(array_map(fn (array $p): string => $p[0]->family, Strips::all()));

    expect(array_values($families))->toEqualCanonicalizing(array_keys(Knowledge::real()->families));
});

it('comes apart and goes together whole', function (StripPlan $plan): void {
    $tray = Strips::down($plan);
    expect($tray->unaccounted())->toBe([])->and($tray->miscounts())->toBe([]);

    $build = Build::from($tray);
    foreach ($build->order() as $part) {
        expect(array_map(fn (TrayPart $p): string => $p->key, $build->ready()))->toContain($part->key);
        $build = $build->place($part->key, looked: true);
    }
    expect($build->leftOver())->toBe([])->and($build->isDone())->toBeTrue()->and($build->ready())->toBe([]);
})->with(fn () => Strips::all());

it('finds a valid order of build for any strip the rules allow, nearest its reverse', function (StripPlan $plan): void {
    $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000));
    $chance = new Randomizer(new Mt19937($seed));
    for ($i = 0; $i < 10; $i++) {
        $tray = downAtRandom($plan, $chance);
        $order = array_map(fn (TrayPart $p): string => $p->key, Build::from($tray)->order());
        $place = array_flip($order);
        foreach ($order as $key) {
            foreach (array_keys($plan->before($key)) as $first) {
                expect($place[$first])->toBeLessThan(
                    $place[$key],
                    "SEED={$seed} {$plan->family}: {$first} before {$key}",
                );
            }
        }
        // Consistent with the strip: a part comes after what it was found behind, unless the stack is built by its own
        // rules.
        foreach ($plan->parts as $part) {
            foreach ($part->after as $outer) {
                if (
                    isset($place[$part->key], $place[$outer])
                    && ! ($part->isStacked && $plan->parts[$outer]->isStacked)
                ) {
                    expect($place[$part->key])->toBeLessThan(
                        $place[$outer],
                        "SEED={$seed} {$plan->family}: {$part->key} behind {$outer}",
                    );
                }
            }
        }
    }
})->with(fn () => Strips::all());

it('is the plain reverse where no rule says otherwise', function (): void {
    $plan = Strips::plan('pulse_pump');
    $tray = Strips::down($plan);
    $down = array_map(fn ($c): string => $c->key, $tray->cells);

    expect(array_map(fn (TrayPart $p): string => $p->key, Build::from($tray)->order()))->toBe(array_reverse($down));
});

it('lets nothing off that is behind something', function (StripPlan $plan): void {
    foreach ($plan->parts as $part) {
        if ($part->after !== []) {
            expect(fn () => Tray::empty($plan)->takeOff($part->key))->toThrow(NotYet::class, 'comes off first');
        }
    }
})->with(fn () => Strips::all());

it('lets nothing in before what belongs behind it, and says why', function (StripPlan $plan): void {
    $tray = Strips::down($plan);
    $refused = 0;
    foreach (Build::from($tray)->order() as $part) {
        $first = array_filter(array_keys($plan->before($part->key)), fn (string $k): bool => $tray->has($k));
        if ($first !== []) {
            expect(fn () => Build::from($tray)->place($part->key, looked: true))->toThrow(
                NotYet::class,
                'goes in first',
            );
            $refused++;
        }
    }
    expect($refused)->toBeGreaterThan(3);
})->with(fn () => Strips::all());

it('counts no guarded part as fitted before it was looked at', function (StripPlan $plan): void {
    $tray = Strips::down($plan);
    $guarded = array_filter($plan->parts, fn (TrayPart $p): bool => $p->heed->guard !== null);
    expect($guarded)->not->toBe([]);
    foreach ($guarded as $part) {
        $build = Strips::upTo($tray, $part->key);
        expect(fn () => $build->place($part->key))
            ->toThrow(NotYet::class, 'look before it counts')
            ->and($build->place($part->key, looked: true)->placed)
            ->toHaveKey($part->key);
    }
})->with(fn () => Strips::all());

it('resumes exactly where another stopped', function (): void {
    $tray = Strips::down(Strips::plan('cube_opposed'));
    $half = Strips::upTo($tray, 'metering_cover');
    $again = Build::from($tray);
    foreach (array_keys($half->placed) as $key) {
        $again = $again->place($key, looked: true);
    }

    expect($again)->toEqual($half)->and($again->ready())->toEqual($half->ready());
});

it('builds back only what was taken off', function (): void {
    $plan = Strips::plan('cube_opposed');
    $tray = Strips::down($plan, without: ['throttle_screw', 'metering_screws']);
    $order = array_map(fn (TrayPart $p): string => $p->key, Build::from($tray)->order());

    expect($order)->toContain('pump_diaphragm')->not->toContain('throttle_plate', 'lever', 'metering_diaphragm');
});

it('takes no part twice, none of nothing and none that is not there', function (): void {
    $tray = Tray::empty(Strips::plan('pulse_pump'))->takeOff('tank_hose');

    expect(fn () => $tray->takeOff('tank_hose'))
        ->toThrow(NotYet::class, 'logged already')
        ->and(fn () => $tray->takeOff('outlet_hose', 0))
        ->toThrow(NotYet::class, 'none came off')
        ->and(fn () => $tray->takeOff('propeller'))
        ->toThrow(NotYet::class, 'no such part')
        ->and(fn () => Build::from($tray)->place('tank_hose', looked: true, count: 2))
        ->toThrow(NotYet::class, 'only 1 came off')
        ->and(fn () => Build::from($tray)->place('outlet_hose', looked: true))
        ->toThrow(NotYet::class, 'no such part');
});

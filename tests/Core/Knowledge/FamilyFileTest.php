<?php

declare(strict_types=1);

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Carburetor\UnknownFamily;
use DustyJet\Knowledge\FamilyFile;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Knowledge\UnusableKnowledge;
use Tests\Core\Diagnosis\Knowledge;

function knowledgeYaml(string $name): string
{
    return (string) file_get_contents(__DIR__."/../../../core/knowledge/{$name}.yaml");
}

function parsed(string $family): Family
{
    return FamilyFile::parse($family, knowledgeYaml('bench/shared'), knowledgeYaml('bench/inspect'));
}

it('has the families that a diagnosis has, and no other', function (): void {
    expect(FamilyFiles::shipped()->ids())->toEqualCanonicalizing(array_keys(Knowledge::real()->families));
});

it('gives every family all that a job needs', function (string $id): void {
    $family = FamilyFiles::shipped()->of($id);
    $drawn = array_filter($family->plan('')->parts, fn ($p): bool => $p->on !== null);

    expect($family->id)
        ->toBe($id)
        ->and(array_column($family->drawing->parts, 'number'))
        ->toBe(range(1, count($family->drawing->parts)))
        ->and($family->drawing->circuits)
        ->not->toBeEmpty()
        ->and($family->teardown->links)
        ->not->toBeEmpty()
        ->and($family->teardown->tools)
        ->not->toBeEmpty()
        ->and($family->proof->tests)
        ->not->toBeEmpty()
        ->and($family->proof->checks)
        ->not->toBeEmpty()
        ->and($family->teardown->kit->has)
        ->not->toBeEmpty()
        ->and($family->teardown->kit->lacks)
        ->not->toBeEmpty()
        ->and(array_filter($family->teardown->inspections, fn ($i): bool => $i->isPassage()))
        ->not->toBeEmpty()
        ->and($drawn)
        ->toHaveCount(count($family->plan('')->parts));
    foreach ($family->teardown->inspections as $inspection) {
        expect($inspection->on)->not->toBeNull("{$id}.{$inspection->key}");
    }
    foreach ($family->adjusters as $adjuster) {
        $ways = array_filter(
            $family->teardown->plans,
            fn ($plan): bool => $adjuster->isIn($plan->variant)
                && array_filter($plan->parts, fn ($p): bool => in_array($adjuster->key, $p->frees->adjusters, true)) !== [],
        );
        expect($ways !== [] || ! $adjuster->isMixture)->toBeTrue("{$id}: {$adjuster->name} never comes out");
    }
})->with(FamilyFiles::shipped()->ids());

// Which tests apply to which family: common practice.
it('lists the tests that apply', function (string $id, bool $holds, array $tests): void {
    $family = FamilyFiles::shipped()->of($id);

    expect($family->proof->hold !== null)
        ->toBe($holds)
        ->and(array_keys($family->proof->tests))
        ->toContain(...$tests);
})->with([
    ['suction_lift', false, ['diaphragm_feel', 'blow_through', 'jet_light', 'pulse']],
    ['float_fixed_jet', true, ['float_drop', 'jet_light', 'needle_vacuum', 'delivery']],
    ['updraft', true, ['float_drop', 'blow_through', 'nozzle_taper']],
    ['float_side_pump', true, ['diaphragm_feel', 'float_drop', 'delivery', 'pulse']],
    ['small_outboard', true, ['bulb', 'float_drop', 'needle_vacuum']],
    ['outboard_bank', true, ['bulb']],
    ['cube_opposed', true, ['needle_only', 'lever_height', 'check_valve', 'shaft', 'pulse']],
    ['cube_stacked', true, ['soap', 'pop_off']],
    ['kart_pumper', true, ['pop_off', 'lever_height', 'pulse']],
    ['pulse_pump', false, ['diaphragm_feel', 'delivery', 'pulse']],
]);

it('knows which way each screw meters, and what depends on it', function (): void {
    $at = fn (string $id, string $screw): Sense => FamilyFiles::shipped()->of($id)->adjusters[$screw]->sense;
    $cube = FamilyFiles::shipped()->of('cube_opposed');

    expect($at('cube_opposed', 'high'))
        ->toBe(Sense::Fuel)
        ->and($at('small_outboard', 'idle_mixture'))
        ->toBe(Sense::Air)
        ->and($at('outboard_bank', 'middle'))
        ->toBe(Sense::Fuel)
        ->and($cube->upsetBy('high', 'dependent'))
        ->toBe(['mixture.low'])
        ->and($cube->upsetBy('high', 'independent'))
        ->toBe([])
        ->and(FamilyFiles::shipped()->of('float_pilot_jet')->adjustersOf('', Sense::Air)['idle_mixture']->sense)
        ->toBe(Sense::Air)
        ->and(array_keys(FamilyFiles::shipped()->of('float_side_pump')->adjustersOf('fixed_jet', Sense::Fuel)))
        ->toBe(['idle_speed']);
});

it('refuses a file whose names do not meet', function (string $from, string $to, string $says): void {
    expect(fn () => parsed(str_replace($from, $to, knowledgeYaml('families/float_pilot_jet'))))->toThrow(
        UnusableKnowledge::class,
        $says,
    );
})->with([
    'a part nobody drew' => ['part: mixscrew', 'part: gizmo', 'gizmo'],
    'a screw nobody has' => ['adjuster: idle_mixture', 'adjuster: nothing', 'nothing'],
    'a caution nobody wrote' => ['strip: fuel', 'strip: bang', 'bang'],
    'a station nobody has' => ["hazards:\n  strip: fuel", "hazards:\n  moon: fuel", 'moon'],
    'a touch without a consequence' => ['- air_path', '- thin_air', 'thin_air'],
    'an inspection nobody described' => ["inspect:\n  - needle_tip", "inspect:\n  - needle_tops", 'needle_tops'],
    'a test nobody described' => ["tests:\n  - float_drop", "tests:\n  - float_drip", 'float_drip'],
    'a passage out of a part that is none' => ["- bowl\n      - main_jet\n", "- bowl\n      - main_jets\n", 'main_jets'],
    'a coupling of a screw that is none' => ['moving: idle_mixture', 'moving: wheel', 'wheel'],
    'a value without its source' => ['provenance: from memory', 'provenance: hearsay', 'hearsay'],
    'a missing number' => ["    value: 0.6\n", '', 'hold_limit_ml_min'],
]);

it('knows no family by a name that is a path', function (string $id): void {
    expect(fn () => FamilyFiles::shipped()->of($id))->toThrow(UnknownFamily::class);
})->with(['float_bowl', '', '../bench/shared', "cube_opposed\0"]);

it('reads a family once, and under a name that changes with its files', function (): void {
    $names = [];
    $files = new FamilyFiles(__DIR__.'/../../../core/knowledge', function (string $name, Closure $read) use (
        &$names,
    ): Family {
        $names[] = $name;

        return $read();
    });
    expect($files->of('updraft'))
        ->toBe($files->of('updraft'))
        ->and($names)
        ->toHaveCount(1)
        ->and($names[0])
        ->toMatch('~^family-updraft-[0-9a-f]{32}$~');
});

it('says which way each sense turns', function (): void {
    expect(Sense::Fuel->turningOut())
        ->toBe('richer')
        ->and(Sense::Air->turningOut())
        ->toBe('leaner')
        ->and(Sense::Fuel->outIsRicher())
        ->toBeTrue()
        ->and(Sense::Air->outIsRicher())
        ->toBeFalse();
});

// Common practice: the fastest setting at full throttle is unsafe on a two-stroke, whose oil is in its fuel.
it('proposes the peak for no high needle of a two-stroke, and warns of it while it runs', function (string $id): void {
    $family = FamilyFiles::shipped()->of($id);

    expect($family->adjusters['high']->book->school)
        ->toBe(DustyJet\Mixture\School::Flutter)
        ->and($family->guidance->cautions[$family->guidance->hazards['run']]->text)
        ->toContain('peak at full throttle seizes it');
})->with(['cube_opposed', 'cube_stacked', 'kart_pumper']);

it('does not let a worn shaft or a broken slot be cleaned and good', function (): void {
    $looks = FamilyFiles::shipped()->of('cube_opposed')->teardown->inspections;
    $jets = FamilyFiles::shipped()->of('float_pilot_jet')->teardown->inspections;
    $words = fn (Inspection $i): array => array_values(array_map(
        fn (Condition $c): string => $c->value,
        array_filter(Condition::cases(), $i->canBe(...)),
    ));

    expect($words($looks['shaft']))->toBe(['sound', 'replace', 'renewed', 'scrap'])
        ->and($words($jets['jet_slot']))->toBe(['sound', 'replace', 'renewed', 'scrap'])
        ->and($words($jets['corrosion']))->toBe(['sound', 'cleaned', 'scrap'])
        ->and($words($jets['needle_tip']))->not->toContain('scrap');
});

it('shares the minutes of a station among its pieces, a minute at least', function (): void {
    $family = FamilyFiles::shipped()->of('float_pilot_jet');
    $minutes = $family->minutesAt(Station::Strip);

    expect($family->minutesEach(Station::Strip, 0))
        ->toBe($minutes)
        ->and($family->minutesEach(Station::Strip, 1))
        ->toBe($minutes)
        ->and($family->minutesEach(Station::Strip, 4))
        ->toBe(intdiv($minutes, 4))
        ->and($family->minutesEach(Station::Strip, 1000))
        ->toBe(1);
});

// Common practice: as many screws, jets and bowls as there are carburetors, and each has its own name.
it('knows a bank of any count from two to six', function (string $variant, int $count): void {
    $bank = FamilyFiles::shipped()->of('outboard_bank');
    $screws = $bank->adjustersOf($variant, Sense::Fuel);
    $plan = $bank->plan($variant);
    $passages = array_filter($bank->inspectionsOf($variant), static fn ($i): bool => $i->isPassage());

    expect($bank->bankOf($variant))->toHaveCount($count)
        ->and(array_diff(array_keys($bank->bankOf($variant)), array_keys($screws)))->toBe([])
        ->and($screws)->toHaveCount($count + 1)
        ->and(array_unique(array_column($screws, 'letter')))->toHaveCount($count + 1)
        ->and($passages)->toHaveCount($count)
        ->and($plan->parts['bowls']->count)->toBe($count)
        ->and($plan->parts['bowl_screws']->count)->toBe(4 * $count)
        ->and($plan->parts['linkage']->count)->toBe(1)
        ->and($plan->parts['mixture_needles']->frees->adjusters)->toBe(array_keys($bank->bankOf($variant)));
    foreach (array_keys($bank->bankOf($variant)) as $carburetor) {
        expect($bank->upsetBy($carburetor, $variant))->toBe(['idle_speed', 'balance'])
            ->and(array_keys($bank->partsOf($variant)))->toContain($screws[$carburetor]->part);
    }
})->with([['two', 2], ['three', 3], ['four', 4], ['five', 5], ['six', 6]]);

it('judges what a variant has, and what belongs to no part', function (): void {
    foreach (FamilyFiles::shipped()->ids() as $id) {
        $family = FamilyFiles::shipped()->of($id);
        foreach (array_keys($family->variants) as $variant) {
            $parts = array_keys($family->plan($variant)->parts);
            foreach ($family->teardown->inspections as $key => $inspection) {
                $isHere = ($inspection->onlyIn === [] || in_array($variant, $inspection->onlyIn, true))
                    && ($inspection->parts === [] || array_intersect($inspection->parts, $parts) !== []);
                expect(isset($family->inspectionsOf($variant)[$key]))->toBe($isHere, "{$variant}: {$key}");
            }
        }
    }
});

<?php

declare(strict_types=1);

use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFile;
use DustyJet\Knowledge\UnusableKnowledge;

function familyYaml(): string
{
    return (string) file_get_contents(__DIR__.'/../../../core/knowledge/families/float_bowl.yaml');
}

it('reads the float bowl family whole', function (): void {
    $family = FamilyFile::parse(familyYaml());

    expect($family->parts)->toHaveCount(16)
        ->and(array_column($family->parts, 'number'))->toBe(range(1, 16))
        ->and($family->stepsAt(Station::Strip))->toHaveCount(11)
        ->and(array_keys($family->adjustersOf('fixed_main', Sense::Fuel)))->toBe(['idle_mixture', 'idle_speed'])
        ->and(array_keys($family->adjustersOf('adjustable_main', Sense::Air)))->toBe(['main', 'idle_mixture', 'idle_speed'])
        ->and($family->adjustersOf('adjustable_main', Sense::Air)['idle_mixture']->sense)->toBe(Sense::Air)
        ->and($family->adjustersOf('adjustable_main', Sense::Air)['main']->sense)->toBe(Sense::Fuel);
});

it('takes the float and needle out before the jets and puts the bowl on last', function (): void {
    $family = FamilyFile::parse(familyYaml());
    $strip = array_keys($family->stepsAt(Station::Strip));
    $build = array_keys($family->stepsAt(Station::Build));
    $at = fn (array $steps, string $step): int => (int) array_search($step, $steps, true);

    // Common practice: bowl off, pin, float with needle, main jet, tube; back in reverse.
    expect($at($strip, 'bowl'))->toBeLessThan($at($strip, 'pin'))
        ->and($at($strip, 'float_needle'))->toBeLessThan($at($strip, 'main_jet'))
        ->and($at($strip, 'main_jet'))->toBeLessThan($at($strip, 'emulsion'))
        ->and($at($build, 'emulsion'))->toBeLessThan($at($build, 'main_jet'))
        ->and($at($build, 'float_needle'))->toBeLessThan($at($build, 'bowl'));
});

it('refuses a file whose names do not meet', function (string $from, string $to, string $says): void {
    expect(fn () => FamilyFile::parse(str_replace($from, $to, familyYaml())))->toThrow(UnusableKnowledge::class, $says);
})->with([
    'a part nobody has' => ['part: mixscrew', 'part: gizmo', 'gizmo'],
    'a variant nobody has' => ['only_in: adjustable_main', 'only_in: nothing', 'nothing'],
    'a caution nobody wrote' => ['caution: jet_slot', 'caution: bang', 'bang'],
    'a touch without a consequence' => ['touches: [air_path]', 'touches: [thin_air]', 'thin_air'],
    'a value without its source' => ['provenance: from memory', 'provenance: hearsay', 'hearsay'],
    'a missing number' => ['value: 0.6, ', '', 'hold_limit_ml_min'],
]);

it('says which way each sense turns', function (): void {
    expect(Sense::Fuel->turningOut())->toBe('richer')->and(Sense::Air->turningOut())->toBe('leaner')
        ->and(Sense::Fuel->outIsRicher())->toBeTrue()->and(Sense::Air->outIsRicher())->toBeFalse();
});

<?php

declare(strict_types=1);

use DustyJet\Knowledge\DiagnosisFiles;
use DustyJet\Knowledge\UnusableKnowledge;
use JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;
use Tests\Core\Diagnosis\Knowledge;

/**
 * The real knowledge with one value changed.
 *
 * @param  array<array-key, mixed>  $changed by path
 *
 * @return array<string, mixed>
 */
function changed(array $changed): array
{
    $merged = DiagnosisFiles::merge(Knowledge::files());
    foreach ($changed as $path => $value) {
        $at = &$merged;
        foreach (explode('.', (string) $path) as $key) {
            $at = &$at[$key];
        }
        $at = $value;
        unset($at);
    }

    return $merged;
}

it('knows all thirteen families', function (): void {
    $known = Knowledge::real();

    expect($known->families)->toHaveCount(13)->and(count($known->faults))->toBeGreaterThanOrEqual(50);
    foreach ($known->families as $family) {
        expect(count($known->faultsOf($family)))
            ->toBeGreaterThan(20, $family->id)
            ->and(count($known->checksOf($family)))
            ->toBeGreaterThan(20, $family->id);
    }
});

it('takes a new fault as one block', function (): void {
    $known = DiagnosisFiles::catalogue(
        changed([
            'faults.mud_wasp' => [
                'name' => 'Wasp in the vent',
                'place' => 'air',
                'families' => ['float'],
                'like' => ['lean_main'],
                'prior' => ['chance' => 0.002],
                'shows' => ['bowl_vent_shut' => 0.9],
                'cure' => ['do' => 'Evict it', 'minutes' => 3, 'cents' => 0],
                'provenance' => 'this shop',
            ],
        ]),
    );

    expect($known->faults['mud_wasp']->shows['no_power'])
        ->toBe([0.6, 0.35])
        ->and($known->faultsOf($known->family('updraft')))
        ->toHaveKey('mud_wasp')
        ->and($known->faultsOf($known->family('kart_pumper')))
        ->not->toHaveKey('mud_wasp');
});

it('refuses knowledge that cannot be', function (array $changed, string $message): void {
    expect(fn () => DiagnosisFiles::catalogue(changed($changed)))->toThrow(UnusableKnowledge::class, $message);
})->with([
    'a strength above one' => [['faults.no_spark.shows.will_not_start' => 1.2], 'faults.no_spark.shows.will_not_start'],
    'a strength of zero' => [['faults.no_spark.shows.will_not_start' => 0.0], 'between 0 and 1'],
    'a strength that grows with the level' => [
        ['faults.no_spark.shows.spark_poor' => [0.3, 0.6]],
        'falls with the level',
    ],
    'one number where two are needed' => [['faults.no_spark.shows.spark_poor' => 0.9], 'it needs 2 numbers'],
    'a finding nobody knows' => [['faults.no_spark.shows.sadness' => 0.5], 'names "sadness"'],
    'a prior of one' => [['faults.no_spark.prior.chance' => 1.0], 'at most at 0.5'],
    'a cure in no time' => [['faults.no_spark.cure.minutes' => 0], 'a cure takes time'],
    'an access nobody knows' => [['faults.no_spark.cure.access' => ['roof_off']], 'names "roof_off"'],
    'a flow nobody knows' => [['faults.no_spark.flow' => 'dance'], 'names "dance"'],
    'a fact nobody knows' => [
        ['faults.no_spark.prior.rises' => ['phase_of_moon' => [1 => 2]]],
        'names "phase_of_moon"',
    ],
    'a season nobody knows' => [
        ['faults.no_spark.prior.rises' => ['season' => ['monsoon' => 2.0]]],
        'names "monsoon"',
    ],
    'a factor of nothing' => [['faults.no_spark.prior.rises' => ['season' => ['winter' => 0.0]]], 'is above 0'],
    'a leak below the least' => [['findings.floods.leak' => 0.001], 'at least 0.005'],
    'a finding nothing explains' => [
        [
            'findings.humming' => [
                'group' => 'sense',
                'ask' => 'Hums?',
                'because' => 'it hums',
                'leak' => 0.1,
                'provenance' => 'from memory',
            ],
        ],
        'no fault explains it',
    ],
    'a fault nothing can confirm' => [['faults.no_spark.shows' => ['will_not_start' => 0.9]], 'can confirm it'],
    'a finding no check answers' => [['checks.spark_test.answers' => ['plug_wet']], 'no check of'],
    'a check that takes no time' => [['checks.spark_test.minutes' => 0], 'a check takes time'],
    'a check that answers three' => [
        ['checks.spark_test.answers' => ['spark_poor', 'plug_wet', 'floods']],
        'one or two findings',
    ],
    'a caution nobody knows' => [['checks.spark_test.caution' => 'ghosts'], 'names "ghosts"'],
    'a step that leads nowhere' => [['flows.pulse_check.steps.dab.then' => 'limbo'], 'names "limbo"'],
    'a provenance of hearsay' => [['faults.no_spark.provenance' => 'hearsay'], 'says "hearsay"'],
    'a cost without provenance' => [['costs.verify' => ['minutes' => 4]], 'provenance'],
]);

it('refuses a name given twice', function (): void {
    expect(fn () => DiagnosisFiles::merge(["faults:\n  a: {x: 1}", "faults:\n  a: {x: 2}"]))->toThrow(
        UnusableKnowledge::class,
        'it is there twice',
    );
});

it('says of every fault, finding and check where it comes from', function (): void {
    $known = Knowledge::real();
    foreach ([...$known->faults, ...$known->findings, ...$known->checks, ...$known->access, ...$known->flows] as $one) {
        expect($one->provenance)->toBeIn(['published', 'common practice', 'from memory', 'this shop']);
    }
});

it('keeps to its published shape', function (): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../../core/knowledge/diagnosis.schema.json'));
    foreach (Knowledge::files() as $yaml) {
        $validator = new Validator;
        $parsed = json_decode((string) json_encode(Yaml::parse($yaml, Yaml::PARSE_OBJECT_FOR_MAP)));
        $validator->validate($parsed, $schema);

        expect($validator->getErrors())->toBe([]);
    }
});

it('has a shape that refuses what is not in it', function (string $yaml): void {
    $validator = new Validator;
    $parsed = json_decode((string) json_encode(Yaml::parse($yaml, Yaml::PARSE_OBJECT_FOR_MAP)));
    $validator->validate(
        $parsed,
        json_decode((string) file_get_contents(__DIR__.'/../../../core/knowledge/diagnosis.schema.json')),
    );

    expect($validator->getErrors())->not->toBe([]);
})->with([
    'an unknown field' => ["cautions:\n  fuel: {title: A, text: B, color: red}"],
    'a strength of two' => ["patterns:\n  lean: {provenance: from memory, shows: {surges: 2}}"],
    'a hearsay' => ["patterns:\n  lean: {provenance: hearsay, shows: {surges: 0.5}}"],
    'a section that is none' => ["rumors:\n  a: b"],
]);

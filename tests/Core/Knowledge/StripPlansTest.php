<?php

declare(strict_types=1);

use DustyJet\Knowledge\Fields;
use DustyJet\Knowledge\StripPlans;
use DustyJet\Knowledge\UnusableKnowledge;
use DustyJet\StripAndBuild\GoesRound;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, DustyJet\StripAndBuild\StripPlan> */
function plans(string $parts, string $build = '[]', string $provenance = 'common practice'): array
{
    return StripPlans::of(
        new Fields(
            Yaml::parse(
                "id: f\nprovenance: {$provenance}\nvariants: {v: {name: V, look: L}, w: {name: W, look: L}}\ntray: {$parts}\nbuild: {$build}",
            ),
        ),
    );
}

it('refuses a strip that cannot be', function (array $yaml, string $error, string $message): void {
    expect(fn () => plans(...$yaml))->toThrow($error, $message);
})->with([
    'a part behind one that is none' => [['{a: {name: A, after: [ghost]}}'], UnusableKnowledge::class, 'ghost'],
    'a variant that is none' => [['{a: {name: A, only: [x]}}'], UnusableKnowledge::class, 'names "x"'],
    'a rule about a part that is none' => [
        ['{a: {name: A}}', '[{first: a, then: ghost, why: w}]'],
        UnusableKnowledge::class,
        'ghost',
    ],
    'a rule without its reason' => [
        ['{a: {name: A}, b: {name: B}}', '[{first: a, then: b}]'],
        UnusableKnowledge::class,
        'why',
    ],
    'parts behind each other' => [['{a: {name: A, after: [b]}, b: {name: B, after: [a]}}'], GoesRound::class, 'a, b'],
    'a rule against the strip' => [
        ['{a: {name: A}, b: {name: B, after: [a]}}', '[{first: a, then: b, why: w}]'],
        GoesRound::class,
        'goes round',
    ],
    'no provenance' => [['{a: {name: A}}', '[]', 'hearsay'], UnusableKnowledge::class, 'hearsay'],
]);

it('gives each variant its own parts', function (): void {
    $plans = plans('{a: {name: A}, b: {name: B, only: [v], after: [a]}, c: {name: C, after: [b, a]}}');

    expect(array_keys($plans['v']->parts))
        ->toBe(['a', 'b', 'c'])
        ->and(array_keys($plans['w']->parts))
        ->toBe(['a', 'c'])
        ->and($plans['w']->parts['c']->after)
        ->toBe(['a']);
});

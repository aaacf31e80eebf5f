<?php

declare(strict_types=1);

use DustyJet\Knowledge\StripFile;
use DustyJet\Knowledge\UnusableKnowledge;
use DustyJet\StripAndBuild\GoesRound;

function stripYaml(string $parts, string $build = '[]'): string
{
    return "family: f\nprovenance: common practice\nvariants: {v: {name: V, look: L}, w: {name: W, look: L}}\nparts: {$parts}\nbuild: {$build}";
}

it('refuses a strip that cannot be', function (string $yaml, string $error, string $message): void {
    expect(fn () => StripFile::parse($yaml))->toThrow($error, $message);
})->with([
    'a part behind one that is none' => [stripYaml('{a: {name: A, after: [ghost]}}'), UnusableKnowledge::class, 'ghost'],
    'a variant that is none' => [stripYaml('{a: {name: A, only: [x]}}'), UnusableKnowledge::class, 'names "x"'],
    'a rule about a part that is none' => [stripYaml('{a: {name: A}}', '[{first: a, then: ghost, why: w}]'), UnusableKnowledge::class, 'ghost'],
    'a rule without its reason' => [stripYaml('{a: {name: A}, b: {name: B}}', '[{first: a, then: b}]'), UnusableKnowledge::class, 'why'],
    'parts behind each other' => [stripYaml('{a: {name: A, after: [b]}, b: {name: B, after: [a]}}'), GoesRound::class, 'a, b'],
    'a rule against the strip' => [stripYaml('{a: {name: A}, b: {name: B, after: [a]}}', '[{first: a, then: b, why: w}]'), GoesRound::class, 'goes round'],
    'no provenance' => [str_replace('common practice', 'hearsay', stripYaml('{a: {name: A}}')), UnusableKnowledge::class, 'hearsay'],
]);

it('gives each variant its own parts', function (): void {
    $plans = StripFile::parse(stripYaml('{a: {name: A}, b: {name: B, only: [v], after: [a]}, c: {name: C, after: [b, a]}}'));

    expect(array_keys($plans['v']->parts))->toBe(['a', 'b', 'c'])->and(array_keys($plans['w']->parts))->toBe(['a', 'c'])
        ->and($plans['w']->parts['c']->after)->toBe(['a']);
});

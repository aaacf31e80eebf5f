<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/** @return list<int> the length of every line, in characters */
function lineLengths(string $name, string ...$folders): array
{
    $root = dirname(__DIR__, 2);
    $paths = array_map(static fn (string $f): string => "{$root}/{$f}", $folders);
    $lengths = [];
    foreach (Finder::create()->files()->in($paths)->name($name) as $file) {
        array_push($lengths, ...array_map(mb_strlen(...), explode("\n", $file->getContents())));
    }

    return $lengths;
}

it('keeps lines within 120 characters, with few exceptions and none over 160', function (
    string $name,
    array $folders,
    float $percent,
): void {
    $lengths = lineLengths($name, ...$folders);
    $wide = count(array_filter($lengths, static fn (int $l): bool => $l > 120));

    expect(count($lengths))->toBeGreaterThan(200)
        ->and(max($lengths))->toBeLessThanOrEqual(160)
        ->and(100 * $wide / count($lengths))->toBeLessThan($percent);
})->with([
    'core' => ['*.php', ['core/src'], 1.0],
    'application' => ['*.php', ['app'], 1.0],
    'tests' => ['*.php', ['tests'], 1.0],
    'benches and database' => ['*.php', ['bench', 'database'], 2.0],
    'views' => ['*.blade.php', ['resources/views'], 4.0],
    'scripts' => ['*.js', ['resources/js', 'tests/Browser'], 1.0],
    'styles' => ['*.scss', ['resources/css'], 1.0],
    'commands' => ['*', ['bin'], 4.0],
    'knowledge' => ['*.yaml', ['core/knowledge'], 1.0],
]);

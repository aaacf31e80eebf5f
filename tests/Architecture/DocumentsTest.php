<?php

declare(strict_types=1);

/** @return array{0: int, 1: string} exit status and everything printed */
function script(string ...$command): array
{
    $process = proc_open($command, [['pipe', 'r'], ['pipe', 'w'], ['redirect', 1]], $pipes, dirname(__DIR__, 2));
    $out = (string) stream_get_contents($pipes[1]);

    return [proc_close($process), $out];
}

it('shows only pictures and pages that are there', function (string $document): void {
    $root = dirname(__DIR__, 2);
    preg_match_all('/\]\(([^)#\s]+)\)/', (string) file_get_contents("{$root}/{$document}"), $links);

    expect($links[1])->not->toBeEmpty();
    foreach ($links[1] as $link) {
        if (! str_contains($link, '://')) {
            expect(file_exists(dirname("{$root}/{$document}")."/{$link}"))->toBeTrue("{$document}: {$link}");
        }
    }
})->with(['README.md', 'docs/formats/README.md']);

it('has fewer than twenty pictures, each of them shown to be a picture', function (): void {
    $pictures = glob(dirname(__DIR__, 2).'/docs/screenshots/*') ?: [];

    expect(count($pictures))->toBeLessThan(20)->toBeGreaterThan(5);
    foreach ($pictures as $picture) {
        expect((string) file_get_contents($picture, length: 8))->toBe("\x89PNG\r\n\x1a\n", $picture);
    }
});

it('names in the README every folder there is', function (): void {
    $root = dirname(__DIR__, 2);
    $readme = (string) file_get_contents("{$root}/README.md");

    // What was installed or made here has a name in .gitignore.
    $ignored = array_map(static fn (string $l): string => trim($l, '/'), file("{$root}/.gitignore", FILE_IGNORE_NEW_LINES) ?: []);
    $folders = static fn (string $of): array => array_map(basename(...), glob("{$of}/*", GLOB_ONLYDIR) ?: []);
    $named = array_diff($folders($root), $ignored, ['core', 'storage', 'vendor', 'node_modules', 'var']);
    expect($named)->toContain('app', 'tests');
    foreach ([...$named, ...$folders("{$root}/core/src"), 'core/src', 'core/knowledge'] as $folder) {
        expect($readme)->toContain("`{$folder}`");
    }
});

it('has commands that run and say what they take', function (string $command): void {
    [$status, $out] = script("bin/{$command}", '--nonsense');

    expect($status)->not->toBe(0)->and($out)->toContain('--nonsense')->toContain('Usage');
})->with(['start', 'bench']);

it('refuses a port that is none', function (string $port): void {
    [$status, $out] = script('bin/start', '--port', $port);

    expect($status)->not->toBe(0)->and($out)->toContain('1 to 65535');
})->with(['abc', '0', '70000', '-1']);

it('says when a port is taken, and what to do', function (): void {
    $taken = stream_socket_server('tcp://127.0.0.1:0');
    $port = (string) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
    [$status, $out] = script('bin/start', '--port', $port);

    expect($status)
        ->not->toBe(0)
        ->and($out)
        ->toContain("Port {$port} is taken");
});

it('checks a clean clone with the README\'s own command', function (): void {
    expect((string) file_get_contents(dirname(__DIR__, 2).'/.ci/run'))->toContain('exec bin/test');
});

it('pins what it requires directly', function (): void {
    $composer = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/composer.json'), true);
    $npm = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/package.json'), true);

    foreach (['laravel/framework', 'dompdf/dompdf', 'justinrainbow/json-schema'] as $package) {
        expect($composer['require'][$package])->toMatch('/^\d/');
    }
    foreach ([...$npm['dependencies'], ...$npm['devDependencies']] as $version) {
        expect($version)->toMatch('/^\d/');
    }
});

it('keeps addresses of registries and secrets out of the lock file', function (): void {
    $lock = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/package-lock.json'), true);

    foreach ($lock['packages'] as $name => $package) {
        expect($package['resolved'] ?? 'https://registry.npmjs.org/')->toStartWith(
            'https://registry.npmjs.org/',
            $name,
        );
    }
});

it('has no empty document', function (): void {
    $root = dirname(__DIR__, 2);
    foreach ([...glob("{$root}/*.md") ?: [], ...glob("{$root}/docs/*/*.md") ?: []] as $document) {
        expect(filesize($document))->toBeGreaterThan(200, $document);
    }
});

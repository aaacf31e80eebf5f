<?php

declare(strict_types=1);

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Blade;
use Symfony\Component\Process\Process;

/** @return string the change that docs/new-kind.md shows */
function newKind(): string
{
    preg_match('/```diff\n(.*?)```/s', (string) file_get_contents(base_path('docs/new-kind.md')), $found);

    return $found[1] ?? '';
}

it('takes a new kind by the change that the page shows, in at most three files that were there', function (): void {
    $copy = base_path('var/new-kind-'.getmypid());
    $files = new Filesystem;
    foreach (['core', 'app', 'resources/views/stations'] as $folder) {
        $files->copyDirectory(base_path($folder), "{$copy}/{$folder}");
    }
    try {
        $apply = new Process(['patch', '-p0', '--fuzz=0', '--silent'], $copy, input: newKind());
        $apply->mustRun();
        $log = new Process([PHP_BINARY, base_path('tests/Fixtures/new-kind.php'), $copy], $copy);
        $log->mustRun();

        expect(json_decode($log->getOutput(), true))->toBe([
            'refused' => 'The weather_noted entry needs celsius as number.',
            'ledger' => 18.5,
            'words' => ['Weather: ', '18.5 °C, 101.3 kPa'],
            'rules' => ['celsius', 'kilopascals'],
        ]);
        Blade::compileString((string) file_get_contents("{$copy}/resources/views/stations/run/weather.blade.php"));
    } finally {
        $files->deleteDirectory($copy);
    }
    preg_match_all('/^--- (?!\/dev\/null)(\S+)/m', newKind(), $changed);

    expect(count($changed[1]))->toBeLessThanOrEqual(3)->and(count($changed[1]))->toBeGreaterThan(0);
});

<?php

declare(strict_types=1);

use Tests\FreshTables;
use Tests\OwnCluster;
use Tests\TestCase;

OwnCluster::usePasswords();
// The framework would make databases for a run of several processes: bin/test made them, under their owner.
$_SERVER['LARAVEL_PARALLEL_TESTING'] = 0;
pest()->extend(TestCase::class)->use(FreshTables::class)->in('Feature');
pest()->extend(TestCase::class)->in('View');

/** A seed for random tests: printed with the failure, set again with SEED=n. */
function seed(): int
{
    $given = getenv('SEED');

    return $given === false || $given === '' ? random_int(1, 1_000_000) : (int) $given;
}

/** @return mixed what a SciPy script makes of its input */
function scipy(string $script, mixed $given): mixed
{
    $process = proc_open(['/usr/bin/python3', '-c', $script], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
    fwrite($pipes[0], (string) json_encode($given));
    fclose($pipes[0]);
    $said = json_decode((string) stream_get_contents($pipes[1]), true);
    expect(proc_close($process))->toBe(0, 'the Debian package python3-scipy must be installed');

    return $said;
}

/** @return array{0: int, 1: string, 2: string} exit status, output, error */
function jet(string ...$arguments): array
{
    $process = proc_open(
        [PHP_BINARY, __DIR__.'/../bin/jet', ...$arguments],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
    );
    $out = (string) stream_get_contents($pipes[1]);
    $err = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), trim($out), trim($err)];
}

function fileWith(string $text): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'jet');
    file_put_contents($path, $text);

    return $path;
}

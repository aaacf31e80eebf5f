<?php

declare(strict_types=1);

use Illuminate\Contracts\Process\InvokedProcess;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Process;

const SERVED_AT = '127.0.0.1:8397';

/** A shop of its own, from this checkout: what bin/serve runs, in a folder that whoever serves may enter. */
function shopFolder(): string
{
    $folder = sys_get_temp_dir().'/dusty-jet-serve-'.getmypid();
    Process::path(base_path())->timeout(120)->run(['bash', '-c', <<<SH
        set -e
        mkdir -p {$folder}/node_modules
        chmod 755 {$folder}
        git ls-files -z app artisan bin bootstrap compat composer.json config core database deploy package-lock.json \
          public resources routes vite.config.js | xargs -0 cp -a --parents -t {$folder}
        cp -a public/build {$folder}/public
        cp -al vendor {$folder} || cp -a vendor {$folder}
        rm -f {$folder}/vendor/.installed
        touch {$folder}/vendor/.installed {$folder}/node_modules/.installed {$folder}/public/build/manifest.json
        SH])->throw();

    return $folder;
}

/** Started as on a server where nothing of these tests is set. */
function startServing(string $folder): InvokedProcess
{
    $names = [
        'APP_ENV', 'APP_KEY', 'APP_DEBUG', 'APP_URL', 'BCRYPT_ROUNDS', 'CACHE_STORE', 'SESSION_DRIVER', 'DB_DATABASE',
        'DB_HOST', 'DB_PASSWORD', 'DB_OWNER_PASSWORD', 'DEMO',
    ];
    $env = [...array_fill_keys($names, false), 'DB_PORT' => '54397', 'SERVE_WORKERS' => '2'];

    return Process::path($folder)->env($env)->forever()->start(['bash', 'bin/serve', '--listen', SERVED_AT]);
}

/** Asked until it answers so: for a minute, or until it ends. */
function untilItSays(int $status, string $path, InvokedProcess $serve): Response
{
    for ($i = 0; $i < 240 && $serve->running(); $i++) {
        try {
            $answer = Http::withoutRedirecting()->timeout(5)->get('http://'.SERVED_AT.$path);
            if ($answer->status() === $status) {
                return $answer;
            }
        } catch (Illuminate\Http\Client\ConnectionException) {
        }
        usleep(250_000);
    }

    throw new RuntimeException("{$path} never answered {$status}. ".$serve->output().$serve->errorOutput());
}

/** @return list<string> ids of the processes with these words in their command */
function processesOf(string $words): array
{
    return array_values(array_filter(explode("\n", Process::run(['pgrep', '-f', $words])->output())));
}

it('serves a shop, starts again what dies, and leaves nothing behind', function (): void {
    $folder = shopFolder();
    $serve = startServing($folder);
    try {
        untilItSays(200, '/up', $serve);

        $door = untilItSays(200, '/sign-in', $serve);
        expect($door->header('Content-Security-Policy'))->toContain("default-src 'none'")
            ->and($door->header('X-Powered-By'))->toBe('')
            ->and($door->body())->not->toContain('June Halloran');
        preg_match('~/build/assets/[^"]+\.css~', $door->body(), $sheet);
        $style = untilItSays(200, $sheet[0], $serve);
        expect($style->header('Cache-Control'))->toContain('immutable');
        foreach (['/.env' => 404, '/var/postgres.secrets' => 404, '/' => 302] as $path => $status) {
            untilItSays($status, $path, $serve);
        }
        $isLarge = Http::withBody(str_repeat('x', 23 * 1024 * 1024))->post('http://'.SERVED_AT.'/sign-in');
        expect($isLarge->status())->toBe(413);

        $kept = ['php-fpm: master process .*serve-8397', 'nginx: master process .*serve-8397', "postgres -D {$folder}"];
        foreach ($kept as $words) {
            [$first] = processesOf($words);
            posix_kill((int) $first, 9);
            for ($i = 0; $i < 100 && in_array(processesOf($words), [[], [$first]], true); $i++) {
                usleep(200_000);
            }
            expect(processesOf($words))->not->toBe([])->not->toContain($first);
            untilItSays(200, '/up', $serve);
        }
    } finally {
        $serve->running() && $serve->signal(SIGTERM);
        $ended = $serve->wait();
        $left = processesOf($folder);
        Process::run(['rm', '-rf', $folder]);
    }

    expect($ended->exitCode())->toBe(0)->and($left)->toBe([]);
});

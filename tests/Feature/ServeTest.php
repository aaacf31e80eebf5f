<?php

declare(strict_types=1);

use Illuminate\Contracts\Process\InvokedProcess;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Process;
use Tests\ShopFolder;

const SERVED_AT = '127.0.0.1:8397';

afterEach(function (): void {
    ShopFolder::removeAll();
});

/** Started as on a server where nothing of these tests is set. */
function startServing(string $folder, string $at = SERVED_AT): InvokedProcess
{
    $names = [
        'APP_ENV', 'APP_KEY', 'APP_DEBUG', 'APP_URL', 'BCRYPT_ROUNDS', 'CACHE_STORE', 'SESSION_DRIVER', 'DB_DATABASE',
        'DB_HOST', 'DB_PASSWORD', 'DB_OWNER_PASSWORD', 'DEMO',
    ];
    $env = [...array_fill_keys($names, false), 'DB_PORT' => '24397', 'SERVE_WORKERS' => '2'];

    return Process::path($folder)->env($env)->forever()->start(['bash', 'bin/serve', '--listen', $at]);
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
    $serve->running() && $serve->signal(SIGTERM);

    throw new RuntimeException("{$path} never answered {$status}. ".$serve->output().$serve->errorOutput());
}

/** @return list<string> ids of the processes with these words in their command */
function processesOf(string $words): array
{
    return array_values(array_filter(explode("\n", Process::run(['pgrep', '-f', $words])->output())));
}

/** @return list<string> what whoever serves can write, without what is in it */
function writableIn(string $folder): array
{
    $may = ['(', '-user', 'www-data', '-o', '-perm', '/022', ')'];
    $find = ['find', $folder, '!', '-type', 'l', ...$may, '-prune', '-print'];
    // The database's own folder is another user's, and closed.
    $found = explode("\n", trim(Process::run($find)->throw()->output()));
    sort($found);

    return array_map(static fn (string $path): string => substr($path, strlen($folder) + 1), $found);
}

it('runs nothing as root that whoever serves can write', function (): void {
    expect(posix_geteuid())->toBe(0, 'bin/test runs as root: nobody else can tell what www-data may do');
    $folder = ShopFolder::make();
    $serve = startServing($folder);
    try {
        untilItSays(200, '/up', $serve);
        untilItSays(200, '/sign-in', $serve);
        $data = ['storage/logs', 'var/serve-8397/data', 'var/serve-8397/php.sock', 'var/serve-8397/tmp'];
        expect(writableIn($folder))->toBe($data);
        foreach ($data as $path) {
            expect(Process::run(['find', "{$folder}/{$path}", '-name', '*.php'])->output())->toBe('');
        }
        // A request starts no program.
        expect((string) file_get_contents("{$folder}/var/serve-8397/php-fpm.conf"))->toContain('system,popen,pcntl_exec,proc_open');
        // What it reads it reads as one of its group: the key and the password of its role are in there.
        expect(fileperms("{$folder}/var/compiled-8397/config.php") & 0o777)->toBe(0o640)
            ->and(fileperms("{$folder}/.env") & 0o777)->toBe(0o600);
    } finally {
        $serve->running() && $serve->signal(SIGTERM);
        $serve->wait();
    }
    // What an earlier release gave away root takes back, with whatever was put there.
    Process::run(['bash', '-c', "chown -R www-data {$folder}/storage {$folder}/bootstrap/cache
        cd {$folder}/bootstrap/cache && echo '<?php touch(\"{$folder}/proof\");' | tee packages.php config.php
        rm -rf {$folder}/storage/logs && ln -s /etc {$folder}/storage/logs"])->throw();
    $again = startServing($folder);
    try {
        untilItSays(200, '/up', $again);
        expect(is_file("{$folder}/proof"))->toBeFalse()->and(writableIn($folder))->toBe($data)
            ->and(is_link("{$folder}/storage/logs"))->toBeFalse()->and(fileowner('/etc'))->toBe(0);
    } finally {
        $again->running() && $again->signal(SIGTERM);
        $again->wait();
    }
    chown("{$folder}/bin/owner", 'www-data');
    $refused = startServing($folder)->wait();
    expect($refused->exitCode())->toBe(1)->and($refused->errorOutput())->toContain('bin/owner, which root would run');
});

it('leaves alone what runs, and takes the place of what was killed', function (): void {
    $folder = ShopFolder::make();
    $first = startServing($folder);
    try {
        untilItSays(200, '/up', $first);
        $of = static fn (): array => [
            ...processesOf('nginx: master process .*serve-8397'),
            ...processesOf("postgres -D {$folder}"),
        ];
        $before = $of();
        $samePort = startServing($folder)->wait();
        $sameFolder = startServing($folder, '127.0.0.1:8398')->wait();
        $demo = Process::path($folder)->env(['DB_PORT' => '24397'])->run(['bash', 'bin/start', '--port', '8398']);
        untilItSays(200, '/up', $first);
        expect($samePort->errorOutput())->toContain('runs on port 8397 already')
            ->and($sameFolder->errorOutput())->toContain('runs here already')
            ->and($demo->errorOutput())->toContain('runs here already')
            ->and([$samePort->exitCode(), $sameFolder->exitCode(), $demo->exitCode()])->toBe([1, 1, 1]);
        expect($of())->toBe($before);

        // The start and the master of nginx are killed; its workers hold the port.
        $first->signal(SIGKILL);
        posix_kill((int) processesOf('nginx: master process .*serve-8397')[0], 9);
        usleep(1_500_000);
        $second = startServing($folder);
        for ($i = 0; $i < 240 && $second->running() && ! str_contains($second->output(), 'Dusty Jet is at'); $i++) {
            usleep(250_000);
        }
        untilItSays(200, '/up', $second);
        expect($second->running())->toBeTrue()->and($of())->toHaveCount(2)->not->toContain($before[0]);
    } finally {
        // What the first left behind holds its output: it ends with the second.
        foreach ([$second ?? null, $first] as $serve) {
            $serve?->running() && $serve->signal(SIGTERM);
            $serve?->wait();
        }
        $left = [...processesOf($folder), ...processesOf('php-fpm: pool dusty-jet-8397')];
    }

    expect($left)->toBe([]);
});

it('serves a shop, starts again what dies, and leaves nothing behind', function (): void {
    $folder = ShopFolder::make();
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
    }

    expect($ended->exitCode())->toBe(0)->and($left)->toBe([]);
});

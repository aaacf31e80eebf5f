<?php

// What bin/golden runs: job files in, every page and exported file of every job out, normalized, so that two commits
// can be compared.

declare(strict_types=1);

use App\Actions\ExportJob;
use App\Actions\ImportJob;
use App\Models\Job;
use App\Models\Person;
use App\Models\Role;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Tests\Golden\RandomJob;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const SEED = 20261125;

const NOW = '2026-05-04 10:00:00';

$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$console = $app->make(Console::class);
$console->bootstrap();
[, $command, $in] = $argv;

/** Job files: those of the demo, and random ones. */
$inputs = static function (string $folder, int $random) use ($app, $console): void {
    $console->call('migrate:fresh', ['--force' => true, '--database' => 'owner']);
    $console->call('db:seed', ['--force' => true]);
    is_dir($folder) || mkdir($folder, recursive: true);
    foreach (Job::query()->orderBy('number')->get() as $job) {
        file_put_contents("{$folder}/{$job->number}.json", $app->make(ExportJob::class)($job));
    }
    $families = $app->make(Families::class);
    for ($i = 0; $i < $random; $i++) {
        $family = $families->of($families->ids()[$i % count($families->ids())]);
        $job = (new RandomJob($family, $app->make(Catalogue::class), SEED + $i))->file(8 + ($i % 60));
        file_put_contents(
            sprintf('%s/random-%04d.json', $folder, $i),
            json_encode($job, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE),
        );
    }
};

/** The same page gives the same text: ids made for the moment are masked, white space between tags says nothing. */
$normalized = static function (string $html): string {
    $html = (string) preg_replace(
        '~((?:name="(?:client_id|_token)" value|name="csrf-token" content| nonce)=")[^"]*~',
        '$1-',
        $html,
    );
    $html = (string) preg_replace('~/build/assets/[^"]*~', '/build/assets/-', $html);
    $html = (string) preg_replace('~\s+~', ' ', $html);

    return (string) preg_replace('~ ?(</?[a-zA-Z][^>]*>) ?~', "\n\$1\n", $html);
};

$pages = static function (string $in, string $out) use ($app, $console, $normalized): void {
    $console->call('migrate:fresh', ['--force' => true, '--database' => 'owner']);
    is_dir($out) || mkdir($out, recursive: true);
    Date::setTestNow(NOW);
    $owner = Person::query()->create(['name' => 'R. Okafor', 'role' => Role::Owner, 'password' => 'a-long-password']);
    $jobs = [];
    foreach (glob("{$in}/*.json") ?: [] as $file) {
        $jobs[basename($file, '.json')] = $app->make(ImportJob::class)((string) file_get_contents($file));
    }
    $http = $app->make(Http::class);
    $get = static function (string $path) use ($http, $owner, $app, $normalized): string {
        Auth::guard('web')->setUser($owner);
        $response = $http->handle(Request::create($path));
        $app->make('session')->driver()->flush();

        $failed = $response->exception ?? null;
        $failed === null || (print "{$path}: {$failed->getMessage()}\n");

        return $response->getStatusCode()."\n".$normalized((string) $response->getContent());
    };
    file_put_contents("{$out}/board.html", $get('/'));
    foreach ($jobs as $name => $job) {
        $said = [
            'file' => $app->make(ExportJob::class)($job->refresh()),
            'columns' => (string) json_encode($job->getAttributes(), JSON_PRETTY_PRINT),
        ];
        foreach (
            [...array_map(static fn (Station $s): string => $s->value, Station::cases()), 'log', 'report'] as $page
        ) {
            $said[$page] = $get("/jobs/{$job->id}/{$page}");
        }
        foreach ($said as $page => $text) {
            file_put_contents("{$out}/{$name}.{$page}", $text);
        }
    }
};

match ($command) {
    'inputs' => $inputs($in, (int) ($argv[3] ?? 500)),
    'pages' => $pages($in, $argv[3]),
};

<?php

declare(strict_types=1);

use App\Models\Job;
use DustyJet\Carburetor\Families;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

const BACKED_UP = 'dusty_jet_backed_up';

/** Runs a line of shell in the project, with its functions, against a database. */
function inShop(string $line, array $database = []): Illuminate\Contracts\Process\ProcessResult
{
    $env = ['DB_PORT' => (string) config('database.connections.pgsql.port'), 'DB_DATABASE' => BACKED_UP, ...$database];

    $script = "set -euo pipefail\n. bin/lib.sh\n{$line}";

    return Process::path(base_path())->timeout(120)->env($env)->run(['bash', '-c', $script]);
}

/** The backed-up database of a cluster, by its administrator, who alone sees every table. */
function shopDatabase(string $name, string $port, string $cluster): string
{
    $secrets = (array) parse_ini_file("{$cluster}.secrets", false, INI_SCANNER_RAW);
    $admin = ['username' => 'dusty_jet', 'password' => $secrets['DB_ADMIN_PASSWORD']];
    $connection = [...config('database.connections.pgsql'), ...$admin, 'port' => $port, 'database' => BACKED_UP];
    config(["database.connections.{$name}" => $connection]);

    return $name;
}

/** That of the tests' own cluster. */
function shopOfTests(): string
{
    $port = (string) config('database.connections.pgsql.port');

    return shopDatabase('was', $port, base_path('var/postgres-test'));
}

/** Every table, row by row, as one digest each. */
function tablesOf(string $connection): array
{
    $named = "select tablename as name from pg_tables where schemaname = 'public' order by 1";
    $tables = DB::connection($connection)->select($named);
    $digest = static fn (stdClass $t): array => [
        $t->name => (array) DB::connection($connection)->selectOne(
            "select count(*) as n, md5(string_agg(md5(t::text), '' order by t::text)) as rows from \"{$t->name}\" t",
        ),
    ];

    return array_merge(...array_map($digest, $tables));
}

/** What a replay of every log says. */
function replaysOf(string $connection): array
{
    DB::setDefaultConnection($connection);
    $families = app(Families::class);
    $said = static fn (Job $job): string => md5(serialize($job->worksheet($families)));
    $all = Job::query()->orderBy('id')->get()->mapWithKeys(static fn (Job $j): array => [$j->id => $said($j)])->all();
    DB::setDefaultConnection('pgsql');

    return $all;
}

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/dusty-jet-backup-'.getmypid();
    File::deleteDirectory($this->folder);
});

/** Migrated, and with the demo's jobs where they are needed. */
function makeShop(string $more = ''): void
{
    inShop('echo "drop database if exists $DB_DATABASE with (force)" | admin_sql "$DB_PORT" postgres; '
        ."make_database \"\$DB_PORT\" \"\$DB_DATABASE\"; migrate; {$more}", ['APP_ENV' => 'local', 'DEMO' => 'true'])->throw();
}

afterEach(function (): void {
    DB::setDefaultConnection('pgsql');
    array_map(DB::purge(...), ['was', 'is']);
    inShop("stop_postgres {$this->folder}-cluster; "
        ."echo \"select format('drop database %I with (force);', datname) from pg_database where datname like '".BACKED_UP
        .'%\'" | admin_sql "$DB_PORT" postgres | admin_sql "$DB_PORT" postgres')->throw();
    File::delete("{$this->folder}-cluster.secrets");
    File::deleteDirectory($this->folder);
    File::deleteDirectory("{$this->folder}-cluster");
});

it('comes back whole in an empty cluster, and over what is there only when it is told to', function (): void {
    makeShop('php artisan db:seed --force --quiet');
    $port = '24389';
    foreach ([1, 2, 3] as $second) {
        inShop("bin/backup {$this->folder}/kept --keep 2 && sleep 1.1")->throw();
    }
    $files = glob("{$this->folder}/kept/*.dump");
    expect($files)->toHaveCount(2)
        ->and(glob("{$this->folder}/kept/*"))->toHaveCount(4)
        ->and(fileperms($files[1]) & 0o777)->toBe(0o600);

    $there = "{$this->folder}-cluster";
    inShop("start_postgres {$there} {$port} &>/dev/null", ['DB_PORT' => $port])->throw();
    inShop("use_secrets {$there}; bin/restore {$files[1]}", ['DB_PORT' => $port])->throw();

    $was = tablesOf(shopOfTests());
    expect(tablesOf(shopDatabase('is', $port, $there)))->toBe($was)
        ->and($was['entries']['n'])->toBeGreaterThan(500)
        ->and(replaysOf('is'))->toBe(replaysOf('was'))
        ->and(fn () => DB::connection('is')->table('entries')->delete())->toThrow('append-only');
    DB::connection('is')->disconnect();

    $again = inShop("use_secrets {$there}; bin/restore {$files[1]}", ['DB_PORT' => $port]);
    expect($again->failed())->toBeTrue()->and($again->errorOutput())->toContain('--over '.BACKED_UP);
    $over = inShop("use_secrets {$there}; bin/restore {$files[1]} --over ".BACKED_UP, ['DB_PORT' => $port])->throw();
    expect($over->output())->toContain('kept as '.BACKED_UP.'_before_')->and(tablesOf('is'))->toBe($was);
});

it('puts back nothing that is not whole', function (): void {
    makeShop();
    inShop("bin/backup {$this->folder}/kept")->throw();
    [$file] = glob("{$this->folder}/kept/*.dump");
    file_put_contents($file, substr((string) file_get_contents($file), 0, -1).'x');
    $altered = inShop("bin/restore {$file} --over ".BACKED_UP);
    unlink("{$file}.sha256");
    $unchecked = inShop("bin/restore {$file} --over ".BACKED_UP);

    expect($altered->errorOutput())->toContain('its checksum differs')
        ->and($unchecked->errorOutput())->toContain('is missing')
        ->and(tablesOf(shopOfTests()))->toHaveKey('entries');
});

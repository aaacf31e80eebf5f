<?php

declare(strict_types=1);

use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;
use Tests\ShopFolder;

const NOT_OF_TESTS = [
    'APP_ENV', 'APP_KEY', 'APP_DEBUG', 'APP_URL', 'BCRYPT_ROUNDS', 'CACHE_STORE', 'SESSION_DRIVER', 'DB_DATABASE',
    'DB_HOST', 'DB_PASSWORD', 'DB_OWNER_PASSWORD', 'DEMO',
];

beforeEach(function (): void {
    $this->folder = ShopFolder::make();
    $this->shell = fn (string $line, string $typed = ''): ProcessResult => Process::path($this->folder)->timeout(60)
        ->env([...array_fill_keys(NOT_OF_TESTS, false), 'DB_PORT' => '24396'])->input($typed)
        ->run(['bash', '-c', $line]);
    // A shop's database, as its own release made it: the demo's owner, and what the lines of SQL add.
    $this->having = fn (string $sql): ProcessResult => ($this->shell)(<<<SH
        set -euo pipefail
        . bin/lib.sh
        prepare_folders
        write_env local true
        start_postgres \$PWD/var/postgres 24396
        make_database 24396 dusty_jet
        migrate
        admin_sql 24396 dusty_jet <<'SQL'
        insert into people (name, role, password, coached, is_demo) values ('R. Okafor', 'owner', 'x', false, true);
        {$sql}
        SQL
        stop_postgres \$PWD/var/postgres
        SH)->throw();
    // At a terminal, where that is typed.
    $this->typing = fn (string $words, string $command): ProcessResult => ($this->shell)(
        "{ echo '{$words}'; sleep 9; } | timeout -s INT 9 script -qec '{$command}' /dev/null; true",
    );
});

afterEach(function (): void {
    ($this->shell)('. bin/lib.sh; stop_postgres $PWD/var/postgres');
    ShopFolder::removeAll();
});

const JUNES_JOB = <<<'SQL'
    insert into people (name, role, password, coached) values ('Nell Varga', 'technician', 'x', false);
    insert into jobs (id, number, family, opened_at, machine, complaint, station, line)
    values ('00000000-0000-4000-8000-000000000001', 'DJ-0001', 'updraft', now(), 'Osier 9', '', 'intake', '[]');
    insert into entries (id, job_id, seq, kind, payload, recorded_at, by_name)
    values (gen_random_uuid(), '00000000-0000-4000-8000-000000000001', 1, 'intake_taken', '{}', now(), 'Nell Varga');
    SQL;

it('erases nothing that is not of the demo, unless the name of the shop is typed at a terminal', function (): void {
    ($this->having)(JUNES_JOB);
    $unasked = ($this->shell)('bin/start --fresh --port 8396');
    $piped = ($this->shell)('bin/start --fresh --port 8396', "Fennel Creek Small Engine\n");
    $mistyped = ($this->typing)('yes', 'bin/start --fresh --port 8396');
    foreach ([$unasked, $piped] as $refused) {
        expect($refused->exitCode())->toBe(1)->and($refused->errorOutput())->toContain('Nell Varga')
            ->toContain('DJ-0001 Osier 9')->toContain('bin/backup')->not->toContain('Okafor');
    }
    expect($mistyped->output())->toContain('That is not its name. Nothing was changed.')->not->toContain('Rebuilding');
    $there = ". bin/lib.sh; start_postgres \$PWD/var/postgres 24396 >/dev/null
        echo 'select count(*) from entries' | admin_sql 24396 dusty_jet; stop_postgres \$PWD/var/postgres";
    expect(trim(($this->shell)($there)->output()))->toBe('1');

    expect(($this->typing)('Fennel Creek Small Engine', 'bin/start --fresh --port 8396')->output())
        ->toContain('Rebuilding the demo');
});

it('starts no shop as a demo: neither its folder nor its database', function (): void {
    ($this->having)("insert into people (name, role, password, coached) values ('M. Field', 'owner', 'x', false);");
    foreach (['bin/start --port 8396', 'bin/serve --demo --listen 127.0.0.1:8396'] as $command) {
        $refused = ($this->shell)($command);
        expect($refused->exitCode())->toBe(1)->and($refused->errorOutput())->toContain("a shop's, of M. Field");
    }
    ($this->shell)('sed -i s/DEMO=true/DEMO=false/ .env')->throw();
    foreach (['bin/start', 'bin/start --fresh', 'bin/serve --demo --listen 127.0.0.1:8396'] as $command) {
        $refused = ($this->shell)($command);
        expect($refused->exitCode())->toBe(1)->and($refused->errorOutput())->toContain("This is a shop's folder");
    }
    $elsewhere = ($this->shell)('DB_URL=postgres://role@db.example/shop bin/start --fresh');
    expect($elsewhere->exitCode())->toBe(1)->and($elsewhere->errorOutput())->toContain('DB_URL names a shop');
});

it('knows what the demo brought', function (): void {
    $env = ['APP_ENV' => 'local', 'DEMO' => 'true', 'DB_DATABASE' => 'dusty_jet_brought'];
    $said = Process::path(base_path())->env($env)->timeout(120)->run(['bash', '-c', <<<'SH'
        . bin/lib.sh
        make_database "$DB_PORT" "$DB_DATABASE" && migrate && php artisan db:seed --force --quiet && php bin/not-demo
        echo "drop database $DB_DATABASE with (force)" | admin_sql "$DB_PORT" postgres
        SH])->throw();

    expect(trim($said->output()))->toBe('Fennel Creek Small Engine');
});

<?php

declare(strict_types=1);

use App\Models\Rights;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Tests\OwnCluster;

/** @return list<string> what a role may do with a table */
function rightsOn(string $table): array
{
    $may = static fn (string $right): bool => (bool) DB::scalar('select has_table_privilege(?, ?)', [$table, $right]);

    $rights = ['select', 'insert', 'update', 'delete', 'truncate', 'trigger', 'references'];

    return array_values(array_filter($rights, $may));
}

it('owns nothing and may do with each table what is listed', function (): void {
    $tables = array_column(DB::select("select tablename from pg_tables where schemaname = 'public'"), 'tablename');
    $owned = 'select count(*) from pg_class where pg_get_userbyid(relowner) = current_user';

    expect(DB::scalar('select current_user'))->toBe('dusty_jet_app')
        ->and(DB::scalar($owned))->toBe(0)
        ->and(array_diff($tables, ['migrations'], array_keys(Rights::ALL)))->toBe([])
        ->and(rightsOn('migrations'))->toBe([]);
    foreach (Rights::ALL as $table => $may) {
        expect(implode(', ', rightsOn($table)))->toBe($may, $table);
    }
});

it('is refused what nobody may do to a log, and what is another\'s', function (string $sql): void {
    $code = static fn (Throwable $e): mixed => $e->getCode();
    $refusal = rescue(fn () => DB::transaction(fn () => DB::statement($sql)), $code, false);

    expect($refusal)->toBe('42501');
})->with([
    'delete from entries', "update entries set by_name = 'nobody'", 'truncate entries', 'delete from jobs',
    'alter table entries disable trigger all', 'drop table entries', 'drop trigger entries_append_only on entries',
    'create table mine (id int)',
    'create or replace function refuse_change() returns trigger language plpgsql as $$ begin return new; end $$',
    "set session_replication_role = 'replica'", 'set role dusty_jet_owner', 'set role dusty_jet', 'create role mine superuser',
    "select pg_read_file('postgresql.conf')", "copy entries to '/tmp/entries'", "copy (select 1) to program 'id'",
    'select * from migrations', 'select * from pg_authid', 'create temporary table mine (id int)',
]);

it('reads no other database', function (string $database): void {
    config(['database.connections.other' => [...config('database.connections.pgsql'), 'database' => $database]]);

    expect(fn () => DB::connection('other')->select('select 1'))->toThrow(QueryException::class, 'permission denied');
})->with(['postgres', 'template1']);

it('stops the owner of the tables too, by its triggers', function (string $sql): void {
    expect(fn () => DB::connection('owner')->statement($sql))->toThrow(QueryException::class, 'append-only');
})->with(['truncate entries cascade', 'truncate traces', 'truncate photos']);

it('lets in nobody without a password, whoever they are on this machine', function (string $role): void {
    $isRoot = posix_getuid() === 0;
    $stranger = $isRoot ? ['setpriv', '--reuid=nobody', '--regid=nogroup', '--clear-groups'] : [];
    $port = (string) config('database.connections.pgsql.port');
    $place = ['-h', '127.0.0.1', '-p', $port, '-d', Tests\OwnCluster::database()];
    $asks = [...$stranger, '/usr/lib/postgresql/15/bin/psql', '-wX', ...$place, '-U', $role, '-c', 'select 1'];
    $answer = Process::path('/')->env(['PGPASSWORD' => false, 'DB_PASSWORD' => false])->run($asks);
    $guessed = Process::path('/')->env(['PGPASSWORD' => 'dusty_jet'])->run($asks);

    expect($answer->exitCode())->toBe(2)->and($answer->errorOutput())->toContain('no password supplied')
        ->and($guessed->errorOutput())->toContain('password authentication failed');
})->with(['dusty_jet', 'dusty_jet_owner', 'dusty_jet_app', 'dusty_jet_backup', 'postgres']);

it('hides its passwords from everybody else on this machine', function (): void {
    $secrets = base_path('var/postgres-test.secrets');
    $open = "select count(*) from pg_authid where rolcanlogin and rolpassword not like 'SCRAM-SHA-256%'";

    expect(fileperms($secrets) & 0o777)->toBe(0o600)
        ->and((string) file_get_contents(OwnCluster::folder().'/pg_hba.conf'))->not->toContain('trust')
        ->and(OwnCluster::admin()->scalar($open))->toBe(0);
});

it('locks a cluster that let everybody in, and gives its tables to their owner', function (): void {
    $folder = sys_get_temp_dir().'/dusty-jet-trusting-'.getmypid();
    // Its port lies below those that the machine gives to who asks for one (from 32768): nobody has it by chance.
    // As an earlier release set it up: one role that is superuser, application and owner, and trust.
    $before = <<<'SH'
        set -euo pipefail
        . bin/lib.sh
        mkdir -p "$1"
        if [ "$(id -u)" -eq 0 ]; then chown postgres:postgres "$1"; fi
        as_postgres "$PG_BIN/initdb" -D "$1" -U dusty_jet --auth=trust --encoding=UTF8 --locale=C.UTF-8
        as_postgres "$PG_BIN/pg_ctl" -D "$1" -w -o "-p 24388 -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start
        psql="$PG_BIN/psql -qX -h 127.0.0.1 -p 24388 -U dusty_jet"
        $psql -d postgres -c 'create database old_shop'
        $psql -d old_shop -c 'create table kept (id serial primary key); insert into kept default values'
        stop_postgres "$1"
        SH;
    $now = <<<'SH'
        set -euo pipefail
        . bin/lib.sh
        start_postgres "$1" 24388
        make_database 24388 old_shop
        owner="select tableowner || ' ' || (select count(*) from kept) from pg_tables where tablename = 'kept'"
        echo "$owner" | admin_sql 24388 old_shop
        "$PG_BIN/psql" -wX -h 127.0.0.1 -p 24388 -U dusty_jet -d old_shop -c 'select 1' || true
        stop_postgres "$1"
        SH;
    $run = static fn (string $script) => Process::path(base_path())->timeout(60)
        ->env(array_fill_keys(['DB_ADMIN_PASSWORD', 'DB_OWNER_PASSWORD', 'DB_PASSWORD', 'DB_BACKUP_PASSWORD'], false))
        ->run(['bash', '-c', "exec >{$folder}.out 2>&1; {$script}", 'shop', $folder]);
    $run($before)->throw();
    $run($now)->throw();
    $said = (string) file_get_contents("{$folder}.out");
    File::deleteDirectory($folder);
    File::delete(["{$folder}.out", "{$folder}.secrets"]);

    expect($said)->toContain('dusty_jet_owner 1')->toContain('no password supplied');
});

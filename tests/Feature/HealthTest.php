<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

it('is well while its database is, and says so when it is not', function (): void {
    $this->get('/up')->assertOk();
    $default = config('database.connections.pgsql');
    config(['database.connections.away' => [...$default, 'port' => '1'], 'database.default' => 'away']);

    $this->get('/up')->assertStatus(500);
    DB::setDefaultConnection('pgsql');
});

it('ends no process that is not its own, whatever a pid file says', function (): void {
    $folder = sys_get_temp_dir().'/dusty-jet-stale-'.getmypid();
    mkdir($folder);
    $stranger = proc_open(['sleep', '60'], [], $pipes);
    $pid = proc_get_status($stranger)['pid'];
    file_put_contents("{$folder}/postmaster.pid", "{$pid}\n{$folder}\n");
    mkdir("{$folder}/var");
    file_put_contents("{$folder}/var/server-8123.pid", (string) $pid);
    $lib = base_path('bin/lib.sh');

    $ends = ". {$lib}; stop_postgres {$folder}; end_orphan 8123; ! postmaster_of {$folder}";
    Process::path($folder)->run(['bash', '-c', $ends])->throw();

    expect(proc_get_status($stranger)['running'])->toBeTrue();
    proc_terminate($stranger);
    Process::run(['rm', '-r', $folder]);
});

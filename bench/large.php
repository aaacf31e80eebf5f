<?php

declare(strict_types=1);

// Every page with 1,000, 10,000 and 100,000 jobs of 34 entries, and a job of 10,000 entries. The jobs are copies of the
// demo's entries under other names, years and numbers. php bench/large.php SEED

use App\Models\Job;
use App\Models\Person;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../vendor/autoload.php';

const SIZES = [1_000, 10_000, 100_000];

const ROUNDS_OF_A_PAGE = 15;

const ENTRIES_OF_A_JOB = 34;

const LONG_LOG = 10_000;

$seed = (int) ($argv[1] ?? 1);
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->instance('request', Request::create('/'));
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
$owner = Person::query()->orderBy('id')->firstOrFail();
$template = Job::query()->whereNotNull('handed_back_at')->orderBy('number')->firstOrFail();
$open = Job::query()->whereNull('handed_back_at')->whereNull('clock_due_at')->orderBy('number')->firstOrFail();

/** @return array{float, float} median and worst milliseconds, and what the page weighs */
$asked = static function (string $path) use ($app, $kernel, $owner): array {
    $took = [];
    for ($i = 0; $i < ROUNDS_OF_A_PAGE; $i++) {
        $app->forgetScopedInstances();
        Auth::guard('web')->setUser($owner);
        $start = hrtime(true);
        $response = $kernel->handle(Request::create($path));
        $took[] = (hrtime(true) - $start) / 1e6;
        $response->getStatusCode() === 200 || exit("{$path} answers {$response->getStatusCode()}.\n");
    }
    sort($took);

    return [$took[intdiv(ROUNDS_OF_A_PAGE, 2)], strlen((string) $response->getContent()) / 1024.0];
};

DB::statement('select setseed(?)', [($seed % 1000) / 1000]);
$families = array_keys(Job::query()->get()->keyBy('family')->all());
$grow = static function (int $to) use ($template, $families): void {
    $have = Job::query()->count();
    DB::statement(<<<'SQL'
        insert into jobs (id, number, family, opened_at, machine, engine, serial, customer, variant, complaint, station, line,
                stale_count, handed_back_at, log_length, waits_for, came_back_from)
            select md5('job' || n)::uuid, 'L-' || n, (?::text[])[1 + n % ?],
                now() - n * interval '40 minutes', 'Machine ' || n % 5000, '', 'S-' || n % 20000, 'Customer ' || n % 3000, '', 'floods',
                'hand-back', (select line from jobs where id = ?), 0, now() - n * interval '40 minutes' + interval '3 days', ?, '', ''
            from generate_series(?::int, ?::int) n
        SQL, ['{'.implode(',', $families).'}', count($families), $template->id, ENTRIES_OF_A_JOB, $have + 1, $to]);
    DB::statement(<<<'SQL'
        insert into entries (id, job_id, seq, kind, version, payload, recorded_at, recorded_by, by_name)
            select md5('entry' || n || '-' || e.seq)::uuid, md5('job' || n)::uuid, e.seq, e.kind, 1, e.payload,
                now() - n * interval '40 minutes' + e.seq * interval '1 minute', null, 'J. Test'
            from generate_series(?::int, ?::int) n, lateral (
                select row_number() over (order by seq) as seq, kind, payload from entries
                where job_id = ? and supersedes is null and kind <> 'hold_tested' order by seq limit ?) e
        SQL, [$have + 1, $to, $template->id, ENTRIES_OF_A_JOB]);
    DB::connection('owner')->statement('analyze');
};

$pages = [
    '/' => 'board',
    // As many are found at every size: forty by their name.
    '/machines?machine=machine+1' => 'machines, search',
    '/jobs/create?family='.$open->family => 'intake of a new job',
];
foreach (['intake', 'as-found', 'strip', 'bench-test', 'clean', 'build', 'set', 'run', 'hand-back', 'log', 'report'] as $station) {
    $pages["/jobs/{$open->id}/{$station}"] = $station;
}
$table = [];
foreach (SIZES as $size) {
    $grow($size);
    foreach (array_keys($pages) as $path) {
        $asked($path);
        $table[$path][$size] = $asked($path)[0];
    }
}
echo "large, seed {$seed}: milliseconds of a page in one process, median of ".ROUNDS_OF_A_PAGE.", printed anew each time\n";
printf("  %-22s %9s %9s %9s   growth a tenfold\n", 'jobs of 34 entries', ...array_map(number_format(...), SIZES));
foreach ($pages as $path => $name) {
    [$small, $middle, $large] = array_map(static fn (int $size): float => $table[$path][$size] ?? NAN, SIZES);
    printf("  %-22s %9.1f %9.1f %9.1f   %.2f %.2f\n", $name, $small, $middle, $large, $middle / $small, $large / $middle);
}

DB::statement(<<<'SQL'
    insert into entries (id, job_id, seq, kind, version, payload, recorded_at, recorded_by, by_name)
        select md5('long' || n)::uuid, ?, n, case n % 3 when 0 then 'speed_read' else 'note_added' end, 1,
            case n % 3 when 0 then '{"adjuster":"idle_mixture","units":84,"rpm":1700.0}'::jsonb
                else jsonb_build_object('text', 'line ' || n) end,
            now() + n * interval '1 millisecond', null, 'J. Test'
        from generate_series(?::int, ?::int) n
    SQL, [$open->id, $open->log_length + 1, LONG_LOG]);
DB::table('jobs')->where('id', $open->id)->update(['log_length' => LONG_LOG]);
echo '  a job of '.number_format(LONG_LOG)." entries:\n";
foreach (['strip', 'run', 'bench-test', 'log'] as $station) {
    memory_reset_peak_usage();
    $before = memory_get_usage();
    [$median, $kilobytes] = $asked("/jobs/{$open->id}/{$station}");
    printf("  %-22s %9.1f ms, %.0f kB, %.1f MB of memory\n", $station, $median, $kilobytes, (memory_get_peak_usage() - $before) / 1048576);
}
$app->instance('env', 'testing');
$took = [];
for ($i = 0; $i < 5; $i++) {
    $app->forgetScopedInstances();
    Auth::guard('web')->setUser($owner);
    $entry = Request::create("/jobs/{$open->id}/entries/note_added", 'POST', [
        'client_id' => Str::uuid()->toString(), 'seen' => (string) (LONG_LOG + $i), 'at' => 'strip', 'text' => 'one more',
    ]);
    $start = hrtime(true);
    $status = $kernel->handle($entry)->getStatusCode();
    $took[] = (hrtime(true) - $start) / 1e6;
    $status === 303 || $status === 302 || exit("An entry answers {$status}.\n");
}
sort($took);
printf("  %-22s %9.1f ms\n", 'one entry more', $took[2]);

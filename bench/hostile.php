<?php

declare(strict_types=1);

// What a hostile, broken or tired client may send: job files, hold tests, entries and instrument batches, each spoiled
// in a few places. Nothing may answer with 500 or above, nothing may be half written, no request may take long or much.
// php bench/hostile.php SEED FILES TRACES ENTRIES BATCHES

use App\Actions\ExportJob;
use App\Knowledge\Diagnoses;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Person;
use App\Models\Role;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Instrument\Measurand;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Golden\RandomJob;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/hostile/Sender.php';
require __DIR__.'/hostile/Spoiler.php';

[$seed, $files, $traces, $entries, $batches] = array_map(intval(...), array_slice([...$argv, 0, 0, 0, 0, 0], 1, 5));
$chance = new Randomizer(new Mt19937($seed));

$spoil = new Spoiler($chance);
$sender = new Sender;
$app = $sender->boot();
$owner = Person::query()->where('role', Role::Owner)->firstOrFail();
$families = $app->make(Families::class);
$catalogue = $app->make(Catalogue::class);
/** @return non-empty-list<string> ids of jobs that can be added to */
$idsOf = static fn (bool $isOpen): array => array_map(
    static fn (Job $j): string => $j->id,
    array_values(Job::query()->when($isOpen, static fn ($q) => $q->whereNull('handed_back_at'))->get()->all()),
) ?: exit("There is no job.\n");
$jobIds = $idsOf(false);
$open = $idsOf(true);
$number = static fn (string $sql, string ...$with): int => is_numeric($n = DB::scalar($sql, $with)) ? (int) $n : -1;
$failed = 0;
echo "hostile, seed {$seed}\n";

/** @param  array<string, mixed>  $body */
$post = static function (string $path, array $body): Request {
    $request = Request::create($path, 'POST', $body);
    $request->headers->set('Accept', 'application/json');

    return $request;
};

$known = $jobIds;
$good = [];
for ($i = 0; $i < 40; $i++) {
    $family = $families->of($families->ids()[$i % count($families->ids())]);
    $good[] = (new RandomJob($family, $catalogue, $seed + $i))->file(6 + $i);
}
foreach (Job::query()->whereNotNull('handed_back_at')->limit(3)->get() as $job) {
    $file = json_decode($app->make(ExportJob::class)($job), true);
    is_array($file) && $good[] = $file;
}
for ($i = 0; $i < $files; $i++) {
    $file = $spoil->pick($good);
    $id = Str::uuid()->toString();
    // As a new job: its own id, and new ones for its entries, wherever they are named.
    $text = (string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION);
    $text = (string) preg_replace_callback(
        '~[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}~',
        static fn (array $m): string => substr(md5($m[0].$id), 0, 8).substr($m[0], 8),
        $text,
    );
    if ($i % 4 !== 0) {
        $tree = json_decode($text, true);
        // Mostly deep inside: a spoiled envelope is refused at once.
        for ($k = $chance->getInt(0, 2); $k > 0 && is_array($tree); $k--) {
            $part = $spoil->pick(['entries', 'entries', 'entries', 'entries', 'traces', 'job', '']);
            if (is_array($tree[$part] ?? null)) {
                $tree[$part] = $spoil->tree($tree[$part]);
            } else {
                $tree = $spoil->tree($tree);
            }
        }
        $text = (string) json_encode($tree, JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR);
        $text = str_replace('"payload":[]', '"payload":{}', $text);
    } else {
        $text = $spoil->bytes($text);
    }
    $before = $number('select count(*) from jobs');
    $request = $post('/job-files', []);
    $request->files->set('file', UploadedFile::fake()->createWithContent('job.json', $text));
    $sender->send($request, $owner, "file {$i}");
    if ($number('select count(*) from jobs') > $before) {
        // What was taken must not break a page, its own or the board.
        $new = Job::query()->whereNotIn('id', $known)->firstOrFail()->id;
        $known[] = $new;
        foreach (["/jobs/{$new}/{$spoil->pick(Station::cases())->value}", "/jobs/{$new}/log", '/'] as $path) {
            $sender->send(Request::create($path), $owner, "file {$i}, then {$path}");
        }
    }
}
$sender->tell("{$files} job files");
$failed += count($sender->failures);

$sender = new Sender;
for ($i = 0; $i < $traces; $i++) {
    $job = $spoil->pick($open);
    $body = [
        'client_id' => Str::uuid()->toString(),
        'seen' => '0',
        'method' => $spoil->pick(['pressure', 'vacuum']),
        'unit' => $spoil->pick(['psi', 'kpa', 'inhg']),
        'volume_ml' => '18',
        'limit_ml_min' => '0.6',
        'readings' => $spoil->readings(),
        'step' => $spoil->pick(['', '', '', '0.1', '1e-9']),
    ];
    $sender->send($post("/jobs/{$job}/hold-tests", $i % 3 === 0 ? $spoil->tree($body) : $body), $owner, "trace {$i}");
}
$sender->tell("{$traces} hold tests");
$failed += count($sender->failures);

$sender = new Sender;
$payloads = [];
foreach ($good as $file) {
    foreach (is_array($file['entries'] ?? null) ? $file['entries'] : [] as $entry) {
        if (is_array($entry) && is_string($entry['kind'] ?? null)) {
            $payloads[] = [$entry['kind'], is_array($entry['payload'] ?? null) ? $entry['payload'] : []];
        }
    }
}
$payloads !== [] || exit("There is no entry to begin with.\n");
for ($i = 0; $i < $entries; $i++) {
    [$kind, $payload] = $spoil->pick($payloads);
    $kind = $chance->getInt(0, 9) === 0 ? $spoil->pick(EntryKind::cases())->value : $kind;
    $job = $spoil->pick($open);
    $seen = (string) $number('select log_length from jobs where id = ?', $job);
    $typed = ['at' => 'set', 'turns' => '1 1/2', 'rpm' => '2800', ...$payload];
    $body = ['client_id' => Str::uuid()->toString(), 'seen' => $seen, ...$typed];
    for ($k = max(0, $chance->getInt(-3, 3)); $k > 0; $k--) {
        $body = $spoil->tree($body);
    }
    $sender->send($post("/jobs/{$job}/entries/{$kind}", $body), $owner, "entry {$i} {$kind}");
}
$sender->tell("{$entries} entries");
$failed += count($sender->failures);

$sender = new Sender;
[$instrument, $key] = Instrument::register('Hostile gauge', Measurand::Pressure, 2);
$lineOf = static fn (int $seq, float $t): string => (string) json_encode(
    ['seq' => $seq, 't' => $t, 'quantity' => 'pressure', 'value' => 34.4],
);
$sender->send($post("/jobs/{$open[0]}/live", [
    'client_id' => Str::uuid()->toString(), 'seen' => (string) $number('select log_length from jobs where id = ?', $open[0]),
    'instrument' => $instrument->id, 'purpose' => 'hold', 'method' => 'pressure', 'unit' => 'psi',
    'volume_ml' => '18', 'limit_ml_min' => '0.6',
]), $owner, 'run');
for ($i = 0; $i < $batches; $i++) {
    $body = json_encode(['protocol' => 1, 'sent_at' => 10.0 + $i])."\n";
    for ($k = $chance->getInt(0, 40); $k > 0; $k--) {
        $body .= $lineOf($i * 50 + 41 - $k, 10.0 + $i - $k / 20.0)."\n";
    }
    $request = Request::create('/instruments/samples', 'POST', [], [], [], [], $i % 3 === 0 ? $body : $spoil->bytes($body));
    $request->headers->set('Authorization', "Bearer {$key}");
    $sender->send($request, null, "batch {$i}");
}
$sender->tell("{$batches} batches");
$failed += count($sender->failures);

$sender->boot();
$half = $number('select count(*) from jobs j where log_length <> (select count(*) from entries e where e.job_id = j.id)')
    + $number("select count(*) from entries e where kind = 'hold_tested'
        and not exists (select from traces t where t.id::text = e.payload->>'trace')")
    + $number("select count(*) from traces t
        where not exists (select from entries e where e.job_id = t.job_id and e.payload->>'trace' = t.id::text)");
$differ = 0;
DB::beginTransaction();
$app = app();
foreach (Job::query()->lazyById(100) as $job) {
    $was = $job->getAttributes();
    $job->reflect($job->worksheet($app->make(Families::class)), $app->make(Diagnoses::class));
    $differ += json_encode($job->fresh()?->getAttributes()) === json_encode($was) ? 0 : 1;
}
DB::rollBack();
$all = $number('select count(*) from jobs');
echo "  half written {$half}; of {$all} jobs those whose columns differ from a replay: {$differ}; failed {$failed}\n";
exit($failed + $half + $differ === 0 ? 0 : 1);

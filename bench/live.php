<?php

declare(strict_types=1);

// Eight stand-ins at 20 samples a second into one application, which is killed and started again in the middle: none
// may be lost, none kept twice. And how old the newest sample is that a page is told, by an instrument of its own.
// bench/live.php ADDRESS SECONDS CONTROL: the file CONTROL is written "restart" when the server is to be killed.

use App\Models\Instrument;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use DustyJet\Instrument\Measurand;
use DustyJet\Instrument\Sample;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Date;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
/** @var Application $application */
$application = require __DIR__.'/../bootstrap/app.php';
$application->make(Kernel::class)->bootstrap();

const STAND_INS = 8;

/** As live.js asks, and as it asked before: some seconds of the one, some of the other. */
const EVERY_MS = [250, 45];

const TURN_SECONDS = 4;

[$address, $seconds, $control] = [$argv[1] ?? '', (int) ($argv[2] ?? 60), $argv[3] ?? ''];
$person = Person::query()->firstOrFail();
$runs = $programs = [];
foreach (Job::query()->whereNull('handed_back_at')->limit(STAND_INS)->get() as $i => $job) {
    [$instrument, $key] = Instrument::register("Bench {$i}", Measurand::Pressure, 1);
    $runs[] = LiveRun::query()->create([
        'job_id' => $job->id,
        'instrument_id' => $instrument->id,
        'opened_by' => $person->id,
        'setup' => ['volume_ml' => 18.0, 'limit_ml_min' => 0.6, 'anyway' => true],
        'opened_at' => Date::now(),
    ]);
    $program = new Process(
        [PHP_BINARY, 'bin/instrument', 'gauge', '--scenario', 'pop-off', '--url', $address, '--seconds', (string) $seconds],
        dirname(__DIR__),
        ['DUSTY_JET_KEY' => $key],
        null,
        null,
    );
    $program->disableOutput()->start();
    $programs[] = $program;
}
$isRunning = static fn (): bool => array_filter($programs, static fn (Process $p): bool => $p->isRunning()) !== [];

// A page of its own, that asks as live.js does.
$curl = curl_init();
/** @var non-empty-string $address */
$fetch = static function (string $path, ?string $post = null) use ($curl, $address): string {
    curl_setopt($curl, CURLOPT_URL, $address.$path);
    curl_setopt($curl, CURLOPT_RETURNTRANSFER, true);
    curl_setopt($curl, CURLOPT_COOKIEFILE, '');
    curl_setopt($curl, CURLOPT_FOLLOWLOCATION, true);
    curl_setopt($curl, CURLOPT_TIMEOUT, 5);
    curl_setopt($curl, CURLOPT_HTTPGET, true);
    if ($post !== null) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, $post);
    }

    return (string) curl_exec($curl);
};
preg_match('~name="_token" value="([^"]+)"~', $fetch('/sign-in'), $token);
$fetch('/sign-in', http_build_query(['_token' => $token[1] ?? '', 'name' => 'R. Okafor', 'password' => 'brass-jet-demo']));
$watch = "/jobs/{$runs[0]->job_id}/live/{$runs[0]->id}?after=";
$began = microtime(true);
$ages = array_fill_keys(EVERY_MS, []);
$restarted = $control === '';
[$after, $newest] = [0, null];
while ($isRunning()) {
    $every = EVERY_MS[intdiv((int) (microtime(true) - $began), TURN_SECONDS) % count(EVERY_MS)];
    $isSteady = abs(microtime(true) - $began - $seconds / 2) > 8.0;
    // As old as it gets on the screen, just before it is asked for again, and as it is then.
    foreach (['before', 'after'] as $when) {
        if ($when === 'after') {
            $told = json_decode($fetch($watch.$after), true);
            $samples = is_array($told) && is_array($told['samples'] ?? null) ? $told['samples'] : [];
            $last = $samples === [] ? null : $samples[count($samples) - 1];
            if (is_array($last) && is_int($last[0] ?? null) && is_numeric($last[1] ?? null)) {
                [$after, $newest] = [$last[0], (float) $last[1]];
            }
        }
        if ($newest !== null && $isSteady) {
            $ages[$every][] = 1000.0 * (microtime(true) - $newest);
        }
    }
    if (! $restarted && microtime(true) > $began + $seconds / 2) {
        file_put_contents($control, 'restart');
        $restarted = true;
    }
    usleep(1000 * $every);
}
$kept = $twice = $lost = 0;
foreach ($runs as $run) {
    $seqs = array_map(static fn (Sample $s): int => $s->seq, $run->samples());
    $different = array_unique($seqs);
    $kept += count($seqs);
    $twice += count($seqs) - count($different);
    $lost += $seqs === [] ? 20 * $seconds : max($seqs) - min($seqs) + 1 - count($different);
}
printf(
    "live, %d stand-ins, 20 samples a second each, %d s%s: %d kept of %d, %d lost, %d twice\n",
    count($runs),
    $seconds,
    $control === '' ? '' : ', the server killed and started again in the middle',
    $kept,
    20 * $seconds * count($runs),
    $lost,
    $twice,
);
foreach ($ages as $every => $of) {
    sort($of);
    printf(
        '  asked every %d ms: age of the newest sample a page was told, the reading that was killed apart: median %.0f ms, '
            ."95th percentile %.0f ms%s\n",
        $every,
        $of[intdiv(count($of), 2)] ?? NAN,
        $of[(int) (0.95 * count($of))] ?? NAN,
        $every === EVERY_MS[0] ? '; each is drawn at its own time, within as much again' : '',
    );
}

<?php

declare(strict_types=1);

// What is in the database after a drill, against what was acknowledged: php bench/kill/check.php ACKNOWLEDGED_FILE

use App\Knowledge\Diagnoses;
use App\Models\Entry;
use App\Models\Job;
use DustyJet\Carburetor\Families;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$lines = file($argv[1], FILE_IGNORE_NEW_LINES) ?: [];
$notes = [];
foreach (Entry::query()->where('kind', 'note_added')->cursor() as $entry) {
    $text = $entry->payload['text'] ?? '';
    $notes[is_string($text) ? $text : ''][] = $entry->id;
}
$lost = 0;
foreach ($lines as $line) {
    [$id, $note] = explode("\t", $line);
    $lost += ($notes[$note] ?? []) === [$id] ? 0 : 1;
}
$doubled = 0;
foreach ($notes as $note => $ids) {
    $doubled += str_starts_with($note, 'writer ') && count($ids) > 1 ? 1 : 0;
}
$differ = 0;
$gaps = 0;
DB::beginTransaction();
foreach (Job::query()->cursor() as $job) {
    $sheet = $job->worksheet($app->make(Families::class));
    $gaps += $job->entries()->pluck('seq')->all() === range(1, $sheet->log->length()) ? 0 : 1;
    $was = $job->getAttributes();
    $job->reflect($sheet, $app->make(Diagnoses::class));
    $differ += json_encode($job->fresh()?->getAttributes()) === json_encode($was) ? 0 : 1;
}
DB::rollBack();
printf(
    "  acknowledged %d, lost %d, doubled %d, jobs whose numbers have a gap %d, jobs whose columns differ from a replay %d\n",
    count($lines), $lost, $doubled, $gaps, $differ,
);
exit($lost + $doubled + $gaps + $differ === 0 && $lines !== [] ? 0 : 1);

<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use App\Models\Trace;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
    DB::beginTransaction();
    $job = $this->openJob();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1 3/4']);
    $this->hold($job);
    $this->takeOff($job, 'air_cleaner', 'throttle_bracket');
    $this->enter($job, 'part_unexpected', ['name' => 'washer', 'count' => 1]);
    $this->enter($job, 'part_missing', ['part' => 'box_sleeves', 'said' => 'none there']);
    $this->enter($job, 'strip_ended', ['reason' => 'far enough']);
    $this->enter($job, 'part_inspected', ['inspection' => 'shaft', 'condition' => 'scrap', 'reason' => 'play']);
    $this->enter($job, 'part_on', ['part' => 'throttle_bracket', 'count' => 1]);
    $this->enter($job, 'part_accounted', ['part' => 'unexpected_3', 'became' => 'bin']);
    $this->enter($job, 'clock_started', ['clock' => 'soak', 'minutes' => '30']);
    $this->enter($job, 'clock_ended', ['clock' => $job->entries()->get()->last()->id]);
    $this->enter($job, 'link_noted', ['link' => 'drain', 'text' => 'to the tap']);
    $this->enter($job, 'test_done', ['test' => 'jet_light', 'passed' => '1']);
    $this->enter($job, 'check_promised', ['what' => 'pulse']);
    $this->enter($job, 'promise_kept', ['promise' => $job->entries()->get()->last()->id, 'result' => 'there']);
    $this->good = (string) $this->get("/jobs/{$job->id}/file")->getContent();
    DB::rollBack();
});

/**
 * Changes one place of a decoded file, wherever chance leads.
 *
 * @param  array<array-key, mixed>  $node
 *
 * @return array<array-key, mixed>
 */
function spoilSomewhere(array $node, Randomizer $chance): array
{
    $keys = array_keys($node);
    if ($keys === []) {
        return ['unexpected' => true];
    }
    $key = $keys[$chance->getInt(0, count($keys) - 1)];
    if (is_array($node[$key]) && $chance->getInt(0, 3) > 0) {
        $node[$key] = spoilSomewhere($node[$key], $chance);

        return $node;
    }
    $rubbish = [
        null,
        true,
        -1,
        1e300,
        '',
        '<script>',
        str_repeat('x', 5000),
        [],
        ['a' => ['b' => []]],
        "\u{0000}",
        '2026-13-45',
    ];
    $chosen = $chance->getInt(0, count($rubbish));
    if ($chosen === count($rubbish)) {
        unset($node[$key]);
    } else {
        $node[$key] = $rubbish[$chosen];
    }

    return $node;
}

it('takes a spoiled job file whole or not at all, and never breaks', function (): void {
    $seed = (int) (getenv('SEED') ?: random_int(1, 1_000_000));
    $chance = new Randomizer(new Mt19937($seed));
    for ($i = 0; $i < 60; $i++) {
        $spoiled = (string) json_encode(spoilSomewhere(json_decode($this->good, true), $chance));
        DB::beginTransaction();
        $answer = $this->post('/job-files', ['file' => UploadedFile::fake()->createWithContent('job.json', $spoiled)]);
        $context = "SEED={$seed} round {$i}: ".mb_substr($spoiled, 0, 300);

        expect($answer->getStatusCode())->toBeLessThan(500, $context);
        $jobs = Job::query()->count();
        if ($jobs === 0) {
            expect(Entry::query()->count() + Trace::query()->count())->toBe(0, $context);
        } else {
            // What got in must also come up on its sheet.
            $job = Job::query()->firstOrFail();
            foreach (['bench-test', 'strip', 'clean', 'build', 'as-found', 'hand-back', 'log', 'report'] as $page) {
                expect($this->get("/jobs/{$job->id}/{$page}")->getStatusCode())->toBe(200, "{$page}, {$context}");
            }
        }
        DB::rollBack();
    }
});

it('refuses a NUL character, which the database cannot store', function (): void {
    $file = json_decode($this->good, true);
    $file['entries'][0]['payload']['machine'] = "Tilby\u{0000} mower";

    $this->post('/job-files', [
        'file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($file)),
    ])->assertSessionHasErrors();
    expect(Job::query()->count())->toBe(0);
});

it('takes the file it was made from', function (): void {
    $this->post('/job-files', [
        'file' => UploadedFile::fake()->createWithContent('job.json', $this->good),
    ])->assertSessionHasNoErrors();

    expect(Job::query()->count())->toBe(1);
});

it('shows a file whose words are right in kind and mean nothing here', function (): void {
    $file = json_decode($this->good, true);
    $taken = 0;
    foreach ($file['entries'] as $i => $entry) {
        foreach ($entry['payload'] as $field => $value) {
            $others = match (true) {
                is_int($value) => [-7, 1_000_000_000],
                is_string($value) && ! Str::isUuid($value) => ['nonsense'],
                default => [],
            };
            foreach ($others as $other) {
                $spoiled = $file;
                $spoiled['entries'][$i]['payload'][$field] = $other;
                DB::beginTransaction();
                $answer = $this->post('/job-files', [
                    'file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($spoiled)),
                ]);
                $context = "{$entry['kind']}.{$field} = {$other}";
                expect($answer->getStatusCode())->toBeLessThan(500, $context);
                $taken += Job::query()->count();
                foreach (
                    Job::query()->count() === 0
                        ? []
                        : ['bench-test', 'strip', 'clean', 'build', 'as-found', 'log', 'report'] as $page
                ) {
                    expect($this->get('/jobs/'.Job::query()->firstOrFail()->id."/{$page}")->getStatusCode())->toBe(
                        200,
                        "{$page}: {$context}",
                    );
                }
                DB::rollBack();
            }
        }
    }
    expect($taken)->toBeGreaterThan(15, session('errors')?->first() ?? '');
});

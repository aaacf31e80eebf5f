<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use App\Models\Trace;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
    $job = $this->openJob();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1 3/4']);
    $this->hold($job);
    $this->good = (string) $this->get("/jobs/{$job->id}/file")->getContent();
    DB::statement('alter table entries disable trigger all');
    DB::statement('alter table traces disable trigger all');
    DB::table('traces')->delete();
    DB::table('entries')->delete();
    DB::table('jobs')->delete();
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
    $rubbish = [null, true, -1, 1e300, '', '<script>', str_repeat('x', 5000), [], ['a' => ['b' => []]], "\u{0000}", '2026-13-45'];
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
            expect($this->get("/jobs/{$job->id}/bench-test")->getStatusCode())->toBe(200, $context);
        }
        DB::rollBack();
    }
});

it('refuses a NUL character, which the database cannot store', function (): void {
    $file = json_decode($this->good, true);
    $file['entries'][0]['payload']['machine'] = "Tilby\u{0000} mower";

    $this->post('/job-files', ['file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($file))])
        ->assertSessionHasErrors();
    expect(Job::query()->count())->toBe(0);
});

it('takes the file it was made from', function (): void {
    $this->post('/job-files', ['file' => UploadedFile::fake()->createWithContent('job.json', $this->good)])
        ->assertSessionHasNoErrors();

    expect(Job::query()->count())->toBe(1);
});

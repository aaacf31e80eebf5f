<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use JsonSchema\Validator;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
    DB::beginTransaction();
    $this->job = $this->openJob();
    $this->enter($this->job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1 3/4']);
    $this->enter($this->job, 'note_added', ['text' => "Ünïcode ✓ \"quoted\" and\ntwo lines"]);
    $this->hold($this->job);
    $this->enter($this->job, 'speed_read', ['adjuster' => 'idle_mixture', 'turns' => '1 1/2', 'rpm' => '1750']);
    $note = Entry::query()->where('kind', 'note_added')->firstOrFail();
    $this->enter($this->job, 'struck', ['supersedes' => $note->id, 'reason' => 'wrong job']);
    $this->file = fn (): string => (string) $this->get("/jobs/{$this->job->id}/file")
        ->assertOk()
        ->getContent();
    // A shop that never heard of the job.
    $this->forget = fn () => DB::rollBack();
    $this->import = fn (string $json) => $this->post('/job-files', [
        'file' => UploadedFile::fake()->createWithContent('job.json', $json),
    ]);
});

it('comes back byte for byte: export, import, export', function (): void {
    $first = ($this->file)();
    ($this->forget)();
    ($this->import)($first)->assertSessionHasNoErrors();

    expect(($this->file)())
        ->toBe($first)
        ->and(Job::query()->firstOrFail()->log_length)
        ->toBe(6)
        ->and(Entry::query()->whereNotNull('recorded_by')->count())
        ->toBe(0);
});

it('writes a file that its own schema accepts', function (): void {
    $file = json_decode(($this->file)());
    $validator = new Validator;
    $validator->validate($file, json_decode((string) file_get_contents(base_path('docs/formats/job-1.schema.json'))));

    expect($validator->getErrors())->toBe([]);
});

it('keeps the published schema in step with the entry kinds', function (): void {
    exec(escapeshellarg(base_path('bin/job-schema')), $lines);

    expect(implode("\n", $lines)."\n")->toBe(file_get_contents(base_path('docs/formats/job-1.schema.json')));
});

it('refuses a file it cannot take, whole, and says where', function (callable $spoil, string $says): void {
    $spoiled = $spoil(json_decode(($this->file)(), true));
    ($this->forget)();
    ($this->import)(is_string($spoiled) ? $spoiled : (string) json_encode($spoiled))->assertSessionHasErrors();

    expect(implode(' ', session('errors')->all()))
        ->toContain($says)
        ->and(Job::query()->count())
        ->toBe(0)
        ->and(Entry::query()->count())
        ->toBe(0);
})->with([
    'no JSON' => [fn (array $f): string => 'hello', 'not JSON'],
    'other JSON' => [fn (array $f): array => ['a' => 1], 'not a Dusty Jet job file'],
    'a newer version' => [
        fn (array $f): array => [...$f, 'version' => 2],
        'version 2; this program reads up to version 1',
    ],
    'an unknown key' => [fn (array $f): array => [...$f, 'colour' => 'red'], 'colour'],
    'an unknown key in a payload' => [
        function (array $f): array {
            $f['entries'][1]['payload']['colour'] = 'red';

            return $f;
        },
        'entries[1]',
    ],
    'an entry of no known kind' => [
        function (array $f): array {
            $f['entries'][1]['kind'] = 'guessed';

            return $f;
        },
        'entries[1].kind',
    ],
    'a gap in the numbers' => [
        function (array $f): array {
            unset($f['entries'][2]);
            $f['entries'] = array_values($f['entries']);

            return $f;
        },
        'entries[2].seq',
    ],
    'a trace that is missing' => [fn (array $f): array => [...$f, 'traces' => []], 'names a trace'],
    'a trace that goes back in time' => [
        function (array $f): array {
            $f['traces'][0]['seconds'][3] = 0;

            return $f;
        },
        'time goes back',
    ],
    'a verdict that is none' => [
        function (array $f): array {
            $f['entries'][3]['payload']['result']['verdict'] = '';

            return $f;
        },
        'result.verdict',
    ],
    'a fit that cannot be drawn' => [
        function (array $f): array {
            $f['entries'][3]['payload']['fit']['low'] = ['a'];

            return $f;
        },
        'fit.low',
    ],
    'numbers beyond reason' => [
        function (array $f): array {
            $f['entries'][3]['payload']['result']['start_kpa'] = 1e300;

            return $f;
        },
        'within reason',
    ],
    'a family nobody knows' => [
        function (array $f): array {
            $f['job']['family'] = 'warp_core';

            return $f;
        },
        'warp_core',
    ],
    'an hour there is none of' => [
        function (array $f): array {
            $f['entries'][1]['at'] = '2026-11-30T25:00:00.000000+00:00';

            return $f;
        },
        'entries[1].at',
    ],
    'a day that is only written' => [
        function (array $f): array {
            $f['job']['opened_at'] = '2026-02-30T10:00:00.000000+00:00';

            return $f;
        },
        'job.opened_at',
    ],
    'a number of two lines' => [
        function (array $f): array {
            $f['job']['number'] = "DJ\n1";

            return $f;
        },
        'job.number',
    ],
    'a trace that no entry names' => [
        fn (array $f): array => [
            ...$f,
            'entries' => array_values(array_filter($f['entries'], fn (array $e): bool => $e['seq'] <= 3)),
        ],
        'A trace or a photo in it belongs to no entry.',
    ],
    'a great many empty entries' => [
        fn (array $f): array => [...$f, 'entries' => array_fill(0, 20_000, new stdClass)],
        'entries[0]: it has no id, seq',
    ],
    'more entries than a job has' => [
        fn (array $f): array => [...$f, 'entries' => array_fill(0, 20_001, new stdClass)],
        'at most 20000',
    ],
    'JSON nested beyond reason' => [fn (array $f): string => str_repeat('[', 5000).str_repeat(']', 5000), 'not JSON'],
]);

it('says of every entry of a file that it came in one, whoever is named in it', function (): void {
    $forged = json_decode(($this->file)(), true);
    $forged['entries'][1]['by'] = 'R. Okafor';
    ($this->forget)();
    ($this->import)((string) json_encode($forged))->assertSessionHasNoErrors();
    $job = Job::query()->firstOrFail();

    $this->get("/jobs/{$job->id}/log")->assertOk()->assertSee('R. Okafor, from a file');
    $this->enter($job, 'note_added', ['text' => 'of this shop'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/log")->assertDontSee('June Halloran, from a file, from a file');
    expect(json_decode(($this->file)(), true)['entries'][1]['by'])->toBe('R. Okafor');
});

it('refuses a job that is here already', function (): void {
    ($this->import)(($this->file)())->assertSessionHasErrors();

    expect(session('errors')->first())
        ->toContain('here already')
        ->and(Job::query()->count())
        ->toBe(1);
});

it('gives a plate to one machine only: a number that is taken is another for a file, and says so', function (): void {
    $here = $this->openJob();
    $file = json_decode((string) $this->get("/jobs/{$here->id}/file")->getContent(), true);
    $number = "{$here->number}-2";
    $fresh = static fn (string $id): string => Ramsey\Uuid\Uuid::uuid5($id, 'elsewhere')->toString();
    $file['job']['id'] = $fresh($here->id);
    foreach ($file['entries'] as $i => $entry) {
        $file['entries'][$i]['id'] = $fresh($entry['id']);
    }
    $upload = UploadedFile::fake()->createWithContent('job.json', json_encode($file, JSON_PRESERVE_ZERO_FRACTION));
    $this->followingRedirects()->post('/job-files', ['file' => $upload])->assertOk()
        ->assertSee("Another job here has the number {$here->number}: this one is {$number}.");

    expect(Job::query()->findOrFail($file['job']['id'])->number)->toBe($number)
        ->and(fn () => Job::query()->where('number', $number)->update(['number' => $here->number]))
        ->toThrow(QueryException::class);
});

it('opens the next job under a number that no file brought', function (): void {
    $last = $this->openJob();
    $number = (int) substr($last->number, 3);
    $after = fn (int $n): string => sprintf('DJ-%04d', $number + $n);
    $last->update(['number' => $after(1)]);

    expect($this->openJob()->number)->toBe($after(2));
});

<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
});

it('says so when the bench is clear', function (): void {
    $this->get('/')->assertOk()->assertSee('The bench is clear')->assertSee('0 jobs open');
});

it('puts the soonest promised first, and what has no date last', function (): void {
    $this->openJob(['machine' => 'Undated pump']);
    $this->openJob(['machine' => 'Later pump', 'promised_at' => '2031-01-01T10:00']);
    $this->openJob(['machine' => 'Sooner pump', 'promised_at' => '2030-01-01T10:00']);

    $this->get('/')->assertSeeInOrder(['Sooner pump', 'Later pump', 'Undated pump']);
});

it('says when a promise has passed', function (): void {
    Date::setTestNow('2030-01-01 12:00');
    $this->openJob(['machine' => 'Late pump', 'promised_at' => '2030-01-01T10:00']);

    $this->get('/')->assertSee('today 10:00, late');
});

it('shows each job with its next move and its station', function (): void {
    $job = $this->openJob();
    $this->get('/')->assertSee('Count the idle mixture screw in')->assertSee('As found');
    foreach (['idle_mixture', 'idle_speed'] as $screw) {
        $this->enter($job, 'screw_counted', ['adjuster' => $screw, 'turns' => '1']);
    }

    $this->get('/')->assertSee('Take off: air cleaner box')->assertSee('Strip');
    expect(Job::query()->firstOrFail()->station)->toBe('strip');
});

it('says what was logged last in the words of its log', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1 3/4']);

    $this->get('/')->assertSee('Idle mixture screw as found: ', false)->assertSee("1\u{A0}3/4")->assertDontSee('screw counted');
});

it('does not die of an entry that a newer release wrote, and says so on its job', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'note_added', ['text' => 'Still to be read']);
    $row = (array) DB::table('entries')->where('job_id', $job->id)->orderByDesc('seq')->first();
    DB::table('entries')->insert(array_replace($row, [
        'id' => (string) Str::uuid(), 'seq' => 3, 'kind' => 'sonic_bath_heard', 'recorded_at' => now()->addSecond(),
    ]));

    $this->get('/')->assertOk()->assertSee('Still to be read')->assertDontSee('sonic');
    foreach (['GET' => "/jobs/{$job->id}/strip", 'POST' => "/jobs/{$job->id}/entries/note_added"] as $method => $path) {
        $this->json($method, $path, ['text' => 'More', 'seen' => 3, 'client_id' => (string) Str::uuid()])
            ->assertStatus(422)->assertSee('a newer release of the program wrote');
    }
});

it('shows no more open jobs than a bench holds, and says how many there are', function (): void {
    $job = $this->openJob();
    foreach (range(1, 130) as $n) {
        $copy = $job->replicate()->fill(['number' => sprintf('DJ-9%03d', $n), 'machine' => "Many {$n}"]);
        $copy->save();
    }

    $board = (string) $this->get('/')->assertSee('131 jobs open, 120 shown')->getContent();
    expect(substr_count($board, 'class="dj-job"'))->toBe(119);
});

it('adds up the minutes of the next moves', function (): void {
    $this->openJob();
    $this->openJob();

    $this->get('/')->assertSee('4 min');
});

it('gives each job a number of its own', function (): void {
    $first = $this->openJob()->number;
    $second = $this->openJob()->number;

    expect($first)->toMatch('/^DJ-\d{4}$/')
        ->and((int) substr($second, 3))->toBe((int) substr($first, 3) + 1);
});

it('rebuilds what it shows from the log', function (): void {
    $job = $this->openJob(['machine' => 'Tilby 46']);
    $first = $job->entries()->firstOrFail();
    $this->enter($job, 'intake_taken', [
        'machine' => 'Osier 3 kW generator',
        'engine' => '200 cc',
        'complaint' => 'surges',
        'variant' => 'removable_pilot',
        'idle_sense' => 'fuel',
        'supersedes' => $first->id,
    ]);

    $this->get('/')->assertSee('Osier 3 kW generator')->assertDontSee('Tilby 46');
});

it('tells the owner of a real shop how old the last backup is, and nobody else', function (?string $at, string $said): void {
    config(['shop.demo' => false]);
    $note = base_path('var/last-backup-'.config('database.connections.pgsql.database').'.json');
    File::ensureDirectoryExists(dirname($note));
    $at === null ? File::delete($note) : File::put($note, json_encode(['at' => $at]));
    Date::setTestNow('2026-05-10T12:00:00Z');

    $this->actingAs($this->person(Role::Owner, 'Owner of this'))->get('/')->assertOk()->assertSee($said);
    $this->actingAs($this->person(Role::Technician, 'Hand of this'))->get('/')->assertOk()->assertDontSee('backup');
    File::delete($note);
})->with([
    [null, 'No backup yet'],
    ['2026-05-10T11:30:00Z', 'Last backup less than an hour ago.'],
    ['2026-05-10T11:00:00Z', 'Last backup 1 hour ago.'],
    ['2026-05-08T13:00:00Z', 'Last backup 47 hours ago.'],
    ['2026-05-01T12:00:00Z', 'Last backup 9 days ago.'],
    ['nonsense', 'No backup yet'],
]);

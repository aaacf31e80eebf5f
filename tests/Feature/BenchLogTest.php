<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Role;
use App\Models\ScrewHistory;
use App\Models\Trace;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
    $this->job = $this->openJob();
});

it('adds nothing when a request is sent twice', function (): void {
    $id = Str::uuid()->toString();
    $this->enter($this->job, 'note_added', ['client_id' => $id, 'text' => 'one'])->assertRedirect();
    $this->enter($this->job, 'note_added', ['client_id' => $id, 'text' => 'one'])->assertRedirect();

    expect(Entry::query()->where('kind', 'note_added')->count())->toBe(1);
});

it('opens one job however often its form is sent', function (): void {
    $id = Str::uuid()->toString();
    $this->openJob(['client_id' => $id]);
    $this->openJob(['client_id' => $id]);

    expect(App\Models\Job::query()->count())->toBe(2);
});

it('keeps one trace when a hold test is sent twice', function (): void {
    $id = Str::uuid()->toString();
    $this->hold($this->job, ['client_id' => $id])->assertRedirect();
    $this->hold($this->job, ['client_id' => $id])->assertRedirect();

    expect(Trace::query()->count())
        ->toBe(1)
        ->and(Entry::query()->where('kind', 'hold_tested')->count())
        ->toBe(1);
});

it('has a database that refuses to change or delete what was logged', function (string $sql): void {
    $this->hold($this->job);
    $count = Entry::query()->count();

    expect(fn () => DB::transaction(fn () => DB::statement($sql)))
        ->toThrow(QueryException::class, 'permission denied')
        ->and(Entry::query()->count())
        ->toBe($count);
})->with([
    "update entries set by_name = 'nobody'",
    'delete from entries',
    'truncate entries',
    "update traces set unit = 'kpa'",
    'delete from traces',
    'truncate traces',
]);

it('shows a long log in pages, each entry once', function (): void {
    for ($i = 1; $i <= 130; $i++) {
        Entry::query()->insert([
            'id' => Str::uuid()->toString(), 'job_id' => $this->job->id, 'seq' => 1 + $i, 'kind' => 'note_added',
            'payload' => json_encode(['text' => "line {$i}."]), 'recorded_at' => now(), 'by_name' => 'J. Test', 'version' => 1,
        ]);
    }
    $seen = [];
    $path = "/jobs/{$this->job->id}/log";
    for ($pages = 0; $path !== '' && $pages < 5; $pages++) {
        $html = (string) $this->get($path)->assertOk()->getContent();
        preg_match_all('~<b class="seq">(\d+)</b>~', $html, $found);
        $seen = [...$seen, ...array_map(intval(...), $found[1])];
        preg_match('~href="[^"]*(/jobs/[^"]*/log\?before=\d+)"~', $html, $older);
        $path = $older[1] ?? '';
    }

    expect($pages)->toBe(2)->and($seen)->toBe(range(131, 1));
    $this->get("/jobs/{$this->job->id}/log?before=1")->assertOk()->assertDontSee('line 1.');
});

it('numbers entries without a gap', function (): void {
    foreach (['a', 'b', 'c'] as $text) {
        $this->enter($this->job, 'note_added', ['text' => $text]);
    }

    expect(Entry::query()->where('job_id', $this->job->id)->orderBy('seq')->pluck('seq')->all())
        ->toBe([1, 2, 3, 4])
        ->and($this->job->refresh()->log_length)
        ->toBe(4);
});

it('takes a note from someone who has not seen the latest, but not a setting of the same screw', function (): void {
    $seen = $this->job->log_length;
    $this->enter($this->job, 'screw_set', [
        'adjuster' => 'idle_mixture',
        'turns' => '1 1/2',
        'station' => 'set',
    ])->assertSessionHasNoErrors();
    $this->enter($this->job, 'note_added', ['text' => 'late'], $seen)->assertSessionHasNoErrors();
    $this->enter(
        $this->job,
        'screw_set',
        ['adjuster' => 'idle_mixture', 'turns' => '2', 'station' => 'set'],
        $seen,
    )->assertSessionHasErrors();

    expect(Entry::query()->where('kind', 'screw_set')->count())->toBe(1);
});

it('answers htmx with the sheet alone, and with the message alone when refused', function (): void {
    $headers = ['HX-Request' => 'true'];
    $whole = (string) $this->get("/jobs/{$this->job->id}/set")->getContent();
    $part = (string) $this->get("/jobs/{$this->job->id}/set", $headers)
        ->assertHeader('Vary', 'HX-Request')
        ->getContent();

    expect($whole)
        ->toContain('<!doctype html>')
        ->and($part)
        ->not->toContain('<!doctype')
        ->and(ltrim($part))
        ->toStartWith('<div id="job"');
    $this->post(
        "/jobs/{$this->job->id}/entries/screw_set",
        [
            'client_id' => Str::uuid()->toString(),
            'seen' => 1,
            'adjuster' => 'idle_mixture',
            'turns' => '99',
            'station' => 'set',
        ],
        $headers,
    )
        ->assertStatus(422)
        ->assertHeader('HX-Retarget', '#errors')
        ->assertSee('0 to 20');
});

it('strikes an entry by adding one', function (): void {
    $this->enter($this->job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1 3/4']);
    $wrong = Entry::query()->where('kind', 'screw_counted')->firstOrFail();
    $this->enter($this->job, 'struck', ['supersedes' => $wrong->id, 'at' => 'log'])->assertRedirect(
        "/jobs/{$this->job->id}/log",
    );
    $this->get("/jobs/{$this->job->id}/log")->assertSee('no longer holds');
    $this->enter($this->job, 'struck', ['supersedes' => $wrong->id])->assertSessionHasErrors();

    expect(Entry::query()->count())->toBe(3);
});

it('lets an apprentice work but not hand back or override', function (): void {
    $this->actingAs($this->person(Role::Apprentice, 'Addie Quill'));
    $this->enter($this->job, 'note_added', ['text' => 'mine'])->assertRedirect();
    $this->enter($this->job, 'handed_back')->assertForbidden();
    $this->enter($this->job, 'stale_overridden', ['item' => 'needle_hold', 'reason' => 'please'])->assertForbidden();
    $this->post('/job-files')->assertForbidden();
});

it('escapes markup in every text field, everywhere it is shown', function (): void {
    $evil = '<script>alert(1)</script>"\'<img src=x onerror=1>';
    $job = $this->openJob([
        'machine' => $evil,
        'engine' => $evil,
        'serial' => $evil,
        'customer' => $evil,
        'complaint' => $evil,
    ]);
    $this->enter($job, 'note_added', ['text' => $evil]);
    foreach (
        [
            '/',
            "/jobs/{$job->id}/intake",
            "/jobs/{$job->id}/bench-test",
            "/jobs/{$job->id}/log",
            "/jobs/{$job->id}/report",
        ] as $path
    ) {
        expect((string) $this->get($path)->assertOk()->getContent())
            ->not->toContain('<script>alert')
            ->not->toContain('<img src=x');
    }
    expect(
        (string) $this->get("/jobs/{$job->id}/report.pdf")
            ->assertOk()
            ->getContent(),
    )->toStartWith('%PDF-');
});

it('asks for nothing twice on the board, however many jobs there are', function (): void {
    $count = function (): int {
        DB::enableQueryLog();
        $this->get('/')->assertOk();
        $queries = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $queries;
    };
    $few = $count();
    for ($i = 0; $i < 8; $i++) {
        $this->openJob();
    }

    expect($count())->toBe($few);
});

it('says that the clock was set back, and keeps the order in which it was written', function (): void {
    Date::setTestNow('2031-05-10T12:00:00Z');
    $this->enter($this->job, 'note_added', ['text' => 'first'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/strip")->assertDontSee('The clock of the server');
    Date::setTestNow('2031-05-10T09:00:00Z');
    $this->enter($this->job, 'note_added', ['text' => 'second'])->assertSessionHasNoErrors();

    $this->get("/jobs/{$this->job->id}/strip")
        ->assertSee('The clock of the server stands before')->assertSee('12:00')
        ->assertSeeInOrder(['second', 'first']);
});

it('takes the last setting of a machine from its log, whatever the clock said', function (): void {
    $first = $this->openJob(['serial' => 'S 1']);
    Date::setTestNow('2031-05-10T12:00:00Z');
    $left = ['adjuster' => 'idle_mixture', 'station' => 'run'];
    $this->enter($first, 'screw_set', [...$left, 'turns' => '1'])->assertSessionHasNoErrors();
    Date::setTestNow('2031-05-10T09:00:00Z');
    $this->enter($first, 'screw_set', [...$left, 'turns' => '2'])->assertSessionHasNoErrors();
    Date::setTestNow();
    $again = $this->openJob(['serial' => 'S 1']);

    expect(ScrewHistory::around($again)->ofMachine['idle_mixture']['turns']->inUnits())->toBe(96);
});

<?php

declare(strict_types=1);

use App\Http\Responses\KeptPages;
use App\Models\Job;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

beforeEach(function (): void {
    $this->folder = storage_path('framework/boards-of-'.getmypid());
    File::deleteDirectory($this->folder);
    app()->instance(KeptPages::class, new KeptPages($this->folder));
    config(['shop.keeps_sheets' => true]);
    $this->travelTo('2026-03-04 10:15:20');
    $this->june = $this->person();
    $this->actingAs($this->june);
    $this->job = $this->openJob(['promised_at' => '2026-03-04T11:00']);
    // The board without what is of the moment, and whether the bench was read for it.
    $this->look = function (): array {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $html = (string) $this->get('/')->assertOk()->getContent();
        $isRead = static fn (array $q): bool => str_starts_with($q['query'], 'select * from "entries"');
        $moment = '~(name="client_id" value=|nonce=|name="_token" value=|name="csrf-token" content=)"[^"]*"~';

        return [(string) preg_replace($moment, '$1', $html), array_filter(DB::getQueryLog(), $isRead) !== []];
    };
});

afterEach(fn () => File::deleteDirectory($this->folder));

it('sends a board again without reading the bench, the same but for what is of the moment', function (): void {
    [$first, $isRead] = ($this->look)();
    $this->travel(30)->seconds();
    [$second, $isReadAgain] = ($this->look)();

    expect($isRead)->toBeTrue()->and($isReadAgain)->toBeFalse()->and($second)->toBe($first)->not->toContain("\0");
});

it('prints it anew once something it shows is another', function (Closure $change): void {
    ($this->look)();
    [$before, $wasRead] = ($this->look)();
    $change->call($this);
    [$after, $isRead] = ($this->look)();
    config(['shop.keeps_sheets' => false]);

    expect($wasRead)->toBeFalse()->and($isRead)->toBeTrue()
        ->and($after)->not->toBe($before)->toBe(($this->look)()[0]);
})->with([
    'an entry' => [fn () => $this->enter($this->job, 'note_added', ['text' => 'leans'])->assertSessionHasNoErrors()],
    'a job more' => [fn () => $this->openJob(['machine' => 'Osier 3 kW generator'])],
    'a job that waits' => [fn () => $this->enter($this->job, 'wait_began', ['for' => 'part', 'what' => 'needle'])
        ->assertSessionHasNoErrors()],
    'a job that went home' => [fn () => Job::query()->update(['handed_back_at' => now()])],
    'a promise that is late' => [fn () => $this->travelTo('2026-03-04 11:01:00')],
    'another day' => [fn () => $this->travel(1)->days()],
    'a job of a file that was home already' => [function (): void {
        $row = Job::query()->firstOrFail()->getAttributes();
        $other = ['id' => (string) Str::uuid(), 'number' => 'DJ-9001', 'handed_back_at' => '2026-03-01 10:00+00'];
        DB::table('jobs')->insert([...$row, ...$other]);
    }],
    'an entry alone' => [function (): void {
        $row = (array) DB::table('entries')->where('job_id', $this->job->id)->orderByDesc('seq')->first();
        $next = ['id' => (string) Str::uuid(), 'seq' => $row['seq'] + 1, 'recorded_at' => '2026-03-04 10:15:30+00'];
        DB::table('entries')->insert([...$row, ...$next]);
    }],
    'columns that are written anew' => [fn () => Job::query()->update(['next_move' => 'Look again'])],
    'another name' => [fn () => $this->june->update(['name' => 'June H.'])],
    'another role' => [fn () => $this->june->update(['role' => Role::Owner])],
    'an owner who looks' => [fn () => $this->actingAs($this->person(Role::Owner, 'Odile Marsh'))],
    'the other theme' => [fn () => $this->withUnencryptedCookie('dj_theme', 'dark')],
]);

it('prints it anew once the bench holds more jobs than it shows', function (): void {
    ($this->look)();
    [$before] = ($this->look)();
    $row = Job::query()->firstOrFail()->getAttributes();
    $copy = static fn (int $i): array => [
        ...$row, 'id' => (string) Str::uuid(), 'number' => "DJ-9{$i}", 'promised_at' => '2026-03-05 10:00+00',
    ];
    $copies = static fn (int $from, int $to): array => array_map($copy, range($from, $to));
    DB::table('jobs')->insert($copies(100, 218));
    [$full] = ($this->look)();
    DB::table('jobs')->insert($copies(219, 219));

    expect($full)->not->toBe($before)->toContain('120 jobs open.')
        ->and(($this->look)()[0])->toContain('121 jobs open, 120 shown.');
});

it('keeps no board that says what was refused', function (): void {
    $this->from('/')->post('/job-files', [])->assertSessionHasErrors();
    expect(($this->look)()[1])->toBeTrue()->and(glob("{$this->folder}/*"))->toBe([]);
});

<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\Role;
use DustyJet\Instrument\Measurand;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

beforeEach(function (): void {
    $this->folder = storage_path('framework/sheets-of-'.getmypid());
    File::deleteDirectory($this->folder);
    app()->instance(App\Http\Responses\KeptPages::class, new App\Http\Responses\KeptPages($this->folder));
    config(['shop.keeps_sheets' => true]);
    $this->june = $this->person();
    $this->actingAs($this->june);
    $this->job = $this->openJob(['promised_at' => now()->addDay()->format('Y-m-d\TH:i'), 'serial' => 'T-46-1']);
    // The page, and whether the log was read for it.
    $this->ask = function (string $path): array {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $html = (string) $this->get("/jobs/{$this->job->id}/{$path}")->assertOk()->getContent();
        $read = array_filter(DB::getQueryLog(), static fn (array $q): bool => str_contains($q['query'], '"payload"'));

        return [$html, $read !== []];
    };
    // What differs between two prints of one page.
    $this->plain = static fn (string $html): string => (string) preg_replace(
        '~(name="client_id" value=|nonce=|name="_token" value=|name="csrf-token" content=)"[^"]*"~', '$1', $html,
    );
});

afterEach(fn () => File::deleteDirectory($this->folder));

it('sends a sheet again without a replay, the same but for what is of the moment', function (string $path): void {
    [$first, $isRead] = ($this->ask)($path);
    [$second, $isReadAgain] = ($this->ask)($path);

    expect($isRead)->toBeTrue()->and($isReadAgain)->toBeFalse()
        ->and(($this->plain)($second))->toBe(($this->plain)($first))->not->toContain("\0");
    preg_match_all('~name="client_id" value="([0-9a-f-]{36})"~', $first.$second, $ids);
    expect($ids[1])->not->toBe([])->and(array_unique($ids[1]))->toBe($ids[1]);
    preg_match_all('~name="_token" value="([^"]*)"~', $second, $tokens);
    expect(array_unique($tokens[1]))->toBe([csrf_token()]);
    config(['shop.keeps_sheets' => false]);
    expect(($this->plain)(($this->ask)($path)[0]))->toBe(($this->plain)($first));
})->with([
    'intake', 'as-found', 'strip', 'bench-test', 'clean', 'build', 'set', 'run', 'hand-back', 'as-found?screw=idle_speed',
]);

it('prints it anew once something it stands on changed', function (Closure $change, string $path): void {
    ($this->ask)($path);
    [$before, $wasRead] = ($this->ask)($path);
    $change->call($this);
    [$after, $isRead] = ($this->ask)($path);
    config(['shop.keeps_sheets' => false]);

    expect($wasRead)->toBeFalse()->and($isRead)->toBeTrue()
        ->and(($this->plain)($after))->not->toBe(($this->plain)($before))
        ->toBe(($this->plain)(($this->ask)($path)[0]));
})->with([
    'an entry' => [fn () => $this->enter($this->job, 'note_added', ['text' => 'leans']), 'strip'],
    'another reader' => [fn () => $this->actingAs($this->person(Role::Apprentice, 'Addie Quill')), 'strip'],
    'more words' => [fn () => $this->june->update(['coached' => true]), 'strip'],
    'another name' => [fn () => $this->june->update(['name' => 'June H.']), 'strip'],
    'another day' => [function (): void {
        $this->travel(1)->days();
    }, 'intake'],
    'the other theme' => [fn () => $this->withUnencryptedCookie('dj_theme', 'dark'), 'strip'],
    'an instrument' => [fn () => Instrument::register('Gauge 2', Measurand::Pressure, 1), 'bench-test'],
    'the screws of this machine on another job' => [function (): void {
        $other = $this->openJob(['serial' => 'T-46-1']);
        $setting = ['adjuster' => 'idle_mixture', 'turns' => '1 3/8', 'station' => 'run'];
        $this->enter($other, 'screw_set', $setting)->assertSessionHasNoErrors();
    }, 'set?screw=idle_mixture'],
]);

it('keeps no sheet that tells the time, nor one that says what was refused', function (): void {
    $this->enter($this->job, 'clock_started', ['clock' => 'soak', 'minutes' => '30'])->assertSessionHasNoErrors();
    ($this->ask)('clean');
    expect(($this->ask)('clean')[1])->toBeTrue();

    ($this->ask)('strip');
    $this->from("/jobs/{$this->job->id}/strip")->enter($this->job, 'note_added', ['text' => '']);
    expect(glob("{$this->folder}/*"))->toBe([]);
});

it('says that the clock was set back only as long as it is', function (): void {
    ($this->ask)('strip');
    $this->travel(-2)->hours();
    expect(($this->ask)('strip')[0])->toContain('The clock of the server');
    expect(($this->ask)('strip')[0])->toContain('The clock of the server');
    $this->travelBack();
    expect(($this->ask)('strip')[0])->not->toContain('The clock of the server');
});

it('hides what it keeps from everybody else, and keeps one of a kind', function (): void {
    ($this->ask)('strip');
    $this->enter($this->job, 'note_added', ['text' => 'leans']);
    ($this->ask)('strip');

    expect($files = glob("{$this->folder}/*"))->toHaveCount(1)
        ->and(fileperms($files[0]) & 0o777)->toBe(0o600)
        ->and(file_get_contents($files[0]))->not->toContain(csrf_token());
});

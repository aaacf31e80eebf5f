<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Instrument;
use App\Models\LiveRun;
use App\Models\Role;
use App\Models\Trace;
use DustyJet\Instrument\GaugeScenario;
use DustyJet\Instrument\Measurand;
use DustyJet\Instrument\StandInGauge;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Random\Engine\Mt19937;
use Random\Randomizer;

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->job = $this->openJob();
    [$this->gauge, $this->key] = Instrument::register('Gauge on the wall', Measurand::Pressure, 1);
});

function putOn($test, ?Instrument $instrument = null): TestResponse
{
    return $test->post("/jobs/{$test->job->id}/live", [
        'instrument' => ($instrument ?? $test->gauge)->id,
        'unit' => 'psi',
        'volume_ml' => '18',
        'limit_ml_min' => '0.6',
        'anyway' => '1',
    ]);
}

/** @param  list<array<string, mixed>>  $samples */
function sent($test, array $samples, ?string $key = null, ?float $sentAt = null): TestResponse
{
    $lines = [['protocol' => 1, 'sent_at' => $sentAt ?? microtime(true)], ...$samples];
    $body = implode("\n", array_map(static fn (array $l): string => json_encode($l, JSON_PRESERVE_ZERO_FRACTION), $lines));

    return $test->call('POST', '/instruments/samples', server: [
        'HTTP_AUTHORIZATION' => 'Bearer '.($key ?? $test->key),
        'CONTENT_TYPE' => 'application/x-ndjson',
    ], content: $body);
}

/** @return array<string, mixed> */
function sample(int $seq, float $value = 34.5, ?float $t = null): array
{
    return ['seq' => $seq, 't' => $t ?? microtime(true), 'quantity' => 'pressure', 'value' => $value];
}

it('keeps each sample once, however often it is sent', function (): void {
    putOn($this)->assertSessionHasNoErrors();
    $now = microtime(true);
    $batch = [sample(1, 34.5, $now), sample(2, 34.4, $now + 0.05)];
    sent($this, $batch)->assertOk()->assertExactJson(['kept' => 2, 'known' => 0, 'early' => 0, 'last_seq' => 2]);
    sent($this, [...$batch, sample(3, 34.3, $now + 0.1)])
        ->assertOk()
        ->assertExactJson(['kept' => 1, 'known' => 2, 'early' => 0, 'last_seq' => 3]);
    sent($this, [])->assertOk()->assertExactJson(['kept' => 0, 'known' => 0, 'early' => 0, 'last_seq' => 3]);

    expect(DB::table('samples')->orderBy('seq')->pluck('value')->map(floatval(...))->all())->toBe([34.5, 34.4, 34.3]);
});

it('tells a wrong key and a revoked one the same, and nothing else', function (): void {
    putOn($this);
    [$other, $otherKey] = Instrument::register('Old gauge', Measurand::Pressure, 1);
    $other->update(['revoked_at' => now()]);
    $answers = array_map(fn (string $key): TestResponse => sent($this, [sample(1)], $key), ['wrong', $otherKey, '']);

    foreach ($answers as $answer) {
        $answer->assertStatus(401);
        expect($answer->json())->toBe($answers[0]->json())->and($answer->json('error'))->toBe('unknown_key');
    }
    expect(DB::table('samples')->count())->toBe(0);
});

it('stores no key, only what a key is compared with', function (): void {
    expect(DB::table('instruments')->get()->toJson())
        ->not->toContain($this->key)
        ->toContain(hash('sha256', $this->key))
        ->and($this->gauge->toJson())
        ->not->toContain(hash('sha256', $this->key));
});

it('answers a batch that cannot be with one word and its line, and keeps nothing of it', function (
    callable $samples,
    string $error,
    int $line,
): void {
    putOn($this);
    sent($this, $samples(microtime(true)))
        ->assertStatus(422)
        ->assertJsonPath('error', $error)
        ->assertJson(fn ($json) => $json->where('message', fn (string $m): bool => str_starts_with($m, "Line {$line}: "))->etc());

    expect(DB::table('samples')->count())->toBe(0)->and($this->gauge->refresh()->last_seq)->toBe(0);
})->with([
    'twice' => [fn (float $t): array => [sample(1, t: $t), sample(1, t: $t)], 'out_of_order', 3],
    'out of order' => [fn (float $t): array => [sample(2, t: $t), sample(1, t: $t)], 'out_of_order', 3],
    'back in time' => [fn (float $t): array => [sample(1, t: $t), sample(2, t: $t - 1)], 'time_goes_back', 3],
    'in the future' => [fn (float $t): array => [sample(1, t: $t), sample(2, t: $t + 60)], 'in_the_future', 3],
    'of last week' => [fn (float $t): array => [sample(1, t: $t - 604800)], 'too_old', 2],
    'of another quantity' => [fn (float $t): array => [sample(1, t: $t), ['quantity' => 'rpm'] + sample(2, t: $t)], 'wrong_quantity', 3],
    'of a channel it lacks' => [fn (float $t): array => [['channel' => 2] + sample(1, t: $t)], 'bad_channel', 2],
    'in furlongs' => [fn (float $t): array => [['unit' => 'furlong'] + sample(1, t: $t)], 'bad_unit', 2],
    'beyond any gauge' => [fn (float $t): array => [sample(1, 5000.0, $t)], 'impossible', 2],
    'without a value' => [fn (float $t): array => [['seq' => 1, 't' => $t, 'quantity' => 'pressure']], 'not_finite', 2],
    'with words for numbers' => [fn (float $t): array => [['value' => 'much'] + sample(1, t: $t)], 'not_finite', 2],
    'with no number' => [fn (float $t): array => [['seq' => 0] + sample(1, t: $t)], 'bad_seq', 2],
    'too many' => [fn (float $t): array => array_map(fn (int $i): array => sample($i, t: $t), range(1, 501)), 'too_many', 502],
]);

it('refuses a clock that was set back between two batches', function (): void {
    putOn($this);
    $now = microtime(true);
    sent($this, [sample(1, t: $now)])->assertOk();
    sent($this, [sample(2, t: $now - 0.5)])->assertStatus(422)->assertJsonPath('error', 'time_goes_back');
    sent($this, [sample(1, t: $now), sample(2, t: $now + 0.1)])->assertOk()->assertJson(['kept' => 1, 'known' => 1]);

    expect(DB::table('samples')->count())->toBe(2);
});

it('answers what is no JSON, no number and no protocol', function (string $body, string $error): void {
    putOn($this);
    $this->call('POST', '/instruments/samples', server: ['HTTP_AUTHORIZATION' => "Bearer {$this->key}"], content: $body)
        ->assertStatus(422)
        ->assertJsonPath('error', $error);
})->with([
    ['', 'unreadable'],
    'no UTF-8' => ["\xff\xfe", 'unreadable'],
    ['[1]', 'unreadable'],
    ['{"protocol":2,"sent_at":1}', 'bad_protocol'],
    ['{"protocol":1}', 'not_finite'],
    ["{\"protocol\":1,\"sent_at\":1764400000}\n{\"seq\":1,\"t\":1764400000,\"quantity\":\"pressure\",\"value\":1e999}", 'not_finite'],
]);

it('refuses more than a batch', function (): void {
    putOn($this);
    $this->call('POST', '/instruments/samples', server: ['HTTP_AUTHORIZATION' => "Bearer {$this->key}"], content: str_repeat('x', 65537))
        ->assertStatus(413)
        ->assertJsonPath('error', 'too_large');
});

it('slows a flood', function (): void {
    putOn($this);
    $statuses = array_map(fn (): int => sent($this, [])->getStatusCode(), range(1, 40));

    expect($statuses)->toContain(429)->and(array_unique(array_diff($statuses, [200, 429])))->toBe([]);
});

it('keeps nothing while it is on no job, nor once the run is over', function (): void {
    sent($this, [sample(1)])->assertStatus(409)->assertJsonPath('error', 'no_run');
    putOn($this);
    sent($this, [sample(1)])->assertOk();
    $run = LiveRun::query()->sole();
    $this->delete("/jobs/{$this->job->id}/live/{$run->id}")->assertRedirect();
    sent($this, [sample(2)])->assertStatus(409);

    expect(DB::table('samples')->count())->toBe(1)->and($this->gauge->refresh()->last_seq)->toBe(1);
});

it('writes to the run of its own key only, and is on one job at a time', function (): void {
    putOn($this);
    [, $other] = Instrument::register('Another gauge', Measurand::Pressure, 1);
    sent($this, [sample(1)], $other)->assertStatus(409);
    $first = $this->job;
    $this->job = $this->openJob(['machine' => 'Korvo']);
    putOn($this)->assertSessionHasErrors(['rejected' => "Gauge on the wall is on {$first->number}, Tilby 46 mower. Take it off there first."]);

    expect(LiveRun::query()->count())->toBe(1)->and(DB::table('samples')->count())->toBe(0);
});

it('opens one run of two taps', function (): void {
    putOn($this);
    putOn($this)->assertSessionHasNoErrors();

    expect(LiveRun::query()->count())->toBe(1);
});

it('leaves out what was taken before the run began, and does not mind a clock that is wrong', function (): void {
    putOn($this);
    // Its clock is a day behind; it was switched on ten seconds before it was put on the job.
    $itsNow = microtime(true) - 86400.0;
    sent($this, [sample(1, 1.0, $itsNow - 10.0), sample(2, 2.0, $itsNow)], sentAt: $itsNow)
        ->assertOk()
        ->assertJson(['kept' => 1, 'early' => 1, 'last_seq' => 2]);

    expect(LiveRun::query()->sole()->skew)->toEqualWithDelta(86400.0, 2.0);
});

it('corrects readings by what the owner calibrated', function (): void {
    $this->actingAs($this->person(Role::Owner, 'R. Okafor'));
    $this->put("/instruments/{$this->gauge->id}", ['offset' => '0.1', 'span' => '1.02', 'step' => '0.05'])->assertSessionHasNoErrors();
    putOn($this);
    sent($this, [['unit' => 'psi', 'value' => 5.0] + sample(1)])->assertOk();

    expect((float) DB::table('samples')->value('value'))->toEqualWithDelta(5.1 * 1.02 * 6.894757, 1e-4)
        ->and($this->gauge->refresh()->step)->toEqualWithDelta(0.05 * 6.894757, 1e-6);
});

it('lets only the owner see, make, calibrate and revoke', function (Role $role, int $status): void {
    $this->actingAs($this->person($role, 'Somebody'));
    $this->get('/instruments')->assertStatus($status === 403 ? 403 : 200);
    $made = $this->post('/instruments', ['name' => 'New', 'measurand' => 'rpm', 'channels' => '1']);
    expect($made->getStatusCode())->toBe($status === 403 ? 403 : 303);
    expect($this->put("/instruments/{$this->gauge->id}", ['offset' => 0, 'span' => 1])->getStatusCode())->toBe($status)
        ->and($this->delete("/instruments/{$this->gauge->id}")->getStatusCode())->toBe($status)
        ->and($this->gauge->refresh()->revoked_at === null)->toBe($status === 403);
})->with([[Role::Owner, 303], [Role::Technician, 403], [Role::Apprentice, 403]]);

it('shows a key once, and ends the run of an instrument that is taken out of use', function (): void {
    $this->actingAs($this->person(Role::Owner, 'R. Okafor'));
    $this->post('/instruments', ['name' => 'Rpm on the bench', 'measurand' => 'rpm', 'channels' => '1']);
    $page = $this->get('/instruments')->assertSee('The key of Rpm on the bench');
    preg_match('~<code>([\w-]+)</code>~', (string) $page->getContent(), $found);
    expect(Instrument::withKey($found[1])?->name)->toBe('Rpm on the bench');
    $this->get('/instruments')->assertDontSee('The key of')->assertDontSee($found[1]);

    putOn($this);
    $this->delete("/instruments/{$this->gauge->id}");
    expect(LiveRun::query()->sole()->ended_at)->not->toBeNull();
    sent($this, [sample(1)])->assertStatus(401);
    putOn($this)->assertSessionHasErrors();
});

/** Sends what a scripted gauge reads over so many seconds, as if it had been sent while it happened. */
function played($test, GaugeScenario $scenario, float $seconds): void
{
    $gauge = new StandInGauge($scenario, new Randomizer(new Mt19937(11)));
    $run = LiveRun::query()->whereNull('ended_at')->sole();
    $run->update(['opened_at' => now()->subSeconds((int) $seconds + 5)]);
    $began = microtime(true) - $seconds;
    $seq = $test->gauge->refresh()->last_seq;
    for ($n = 0; $n < 10 * $seconds;) {
        $batch = [];
        for ($k = 0; $k < 20 && $n < 10 * $seconds; $k++, $n++) {
            $batch[] = sample(++$seq, round($gauge->read($n / 10), 4), $began + $n / 10);
        }
        $answer = sent($test, $batch);
        if ($answer->getStatusCode() === 429) {
            $test->gauge->refresh()->update(['heard_in' => 0]);
            $answer = sent($test, $batch);
        }
        if ($answer->getStatusCode() === 409) {
            return;
        }
        $answer->assertOk();
    }
}

it('watches a hold to its verdict and logs it once, with nobody looking', function (
    GaugeScenario $scenario,
    string $verdict,
): void {
    putOn($this);
    played($this, $scenario, 80.0);
    $run = LiveRun::query()->sole();
    $entry = Entry::query()->where('kind', 'hold_tested')->sole();
    $trace = Trace::query()->sole();

    expect($run->ended_at)
        ->not->toBeNull()
        ->and($run->said)
        ->toBe('')
        ->and($entry->payload['result']['verdict'])
        ->toBe($verdict)
        ->and($entry->by_name)
        ->toBe('June Halloran')
        ->and(count($trace->seconds))
        ->toBeGreaterThan(150)
        // From the end of the pumping on.
        ->and(max($trace->readings))
        ->toBeLessThan(5.4 * 6.9)
        ->and($trace->readings[0])
        ->toBeGreaterThan(4.8 * 6.9);
})->with([
    [GaugeScenario::Tight, 'holds'],
    [GaugeScenario::SlowLeak, 'leaks'],
    [GaugeScenario::HoldsBelow, 'holds_below'],
    [GaugeScenario::Settling, 'holds'],
    [GaugeScenario::LeakingBarb, 'leaks'],
]);

it('shows two people who watch the same, and all of it to who comes late', function (): void {
    putOn($this);
    played($this, GaugeScenario::SlowLeak, 30.0);
    $run = LiveRun::query()->sole();
    $first = $this->getJson("/jobs/{$this->job->id}/live/{$run->id}")->assertOk()->json();
    $this->actingAs($this->person(name: 'Teo Vanska'));
    $second = $this->getJson("/jobs/{$this->job->id}/live/{$run->id}?after=0")->assertOk()->json();
    $late = $this->getJson("/jobs/{$this->job->id}/live/{$run->id}?after=290")->assertOk()->json();
    unset($first['ageMs'], $second['ageMs']);

    expect($second)
        ->toBe($first)
        ->and(count($first['samples']))
        ->toBe(300)
        ->and(array_column($late['samples'], 0))
        ->toBe(range(291, 300))
        ->and($first['verdict']['word'])
        ->toBeIn(['Leaks', 'Keep watching'])
        ->and($first['prompt'])
        ->toStartWith('Holding')
        ->and($first['ended'])
        ->toBeFalse();
});

it('logs what was held when it is taken off, and nothing when nothing was', function (float $seconds, int $logged): void {
    putOn($this);
    played($this, GaugeScenario::SlowLeak, $seconds);
    $run = LiveRun::query()->sole();
    foreach ([1, 2] as $tap) {
        $this->delete("/jobs/{$this->job->id}/live/{$run->id}")->assertRedirect();
    }

    expect(Entry::query()->where('kind', 'hold_tested')->count())->toBe($logged);
})->with([[30.0, 1], [8.0, 0]]);

it('watches pops and logs them once they were let go or are enough', function (): void {
    $this->job = $this->openJob(['family' => 'kart_pumper', 'variant' => 'kart', 'machine' => 'Kart']);
    $this->post("/jobs/{$this->job->id}/live", [
        'instrument' => $this->gauge->id, 'unit' => 'psi', 'volume_ml' => '18', 'limit_ml_min' => '0.6',
        'purpose' => 'pops', 'wetted' => '1',
    ])->assertSessionHasNoErrors();
    played($this, GaugeScenario::PopOff, 130.0);
    $run = LiveRun::query()->sole();
    $said = $this->getJson("/jobs/{$this->job->id}/live/{$run->id}")->assertOk()->json();
    expect($said['verdict']['word'])->toBe('Popped')->and($said['prompt'])->toContain('Popped')->and($said['ended'])->toBeTrue();
    $entry = Entry::query()->where('kind', 'pop_off_measured')->sole();
    $pairs = explode(' ', $entry->payload['pops']);

    expect(count($pairs))
        ->toBeGreaterThanOrEqual(5)
        ->and((float) $pairs[1])
        ->toEqualWithDelta(13.0, 0.5)
        ->and($entry->payload['wetted'])
        ->toBeTrue()
        ->and($run->refresh()->ended_at)
        ->not->toBeNull();
});

it('watches no pops where no needle pops', function (): void {
    $this->post("/jobs/{$this->job->id}/live", [
        'instrument' => $this->gauge->id, 'unit' => 'psi', 'volume_ml' => '18', 'limit_ml_min' => '0.6', 'purpose' => 'pops',
    ])->assertSessionHasErrors();

    expect(LiveRun::query()->count())->toBe(0);
});

it('says stop above what lifts the seat', function (): void {
    putOn($this);
    $run = LiveRun::query()->sole();
    $prompt = fn (): string => $this->getJson("/jobs/{$this->job->id}/live/{$run->id}")->assertOk()->json('prompt');
    sent($this, [sample(1, 7.9 * 6.894757)])->assertOk();
    expect($prompt())->not->toStartWith('Stop');
    sent($this, [sample(2, 8.1 * 6.894757)])->assertOk();
    expect($prompt())->toBe('Stop. Above 8 psi: let it down.');
});

it('shows and ends a run on its own job only, and to nobody who is not signed in', function (): void {
    putOn($this);
    $run = LiveRun::query()->sole();
    $other = $this->openJob(['machine' => 'Korvo']);
    $this->getJson("/jobs/{$other->id}/live/{$run->id}")->assertNotFound();
    $this->delete("/jobs/{$other->id}/live/{$run->id}")->assertNotFound();
    expect($run->refresh()->ended_at)->toBeNull();
    auth()->forgetGuards();
    $this->getJson("/jobs/{$this->job->id}/live/{$run->id}")->assertUnauthorized();
});

it('starts no stand-in in a real shop', function (): void {
    config(['shop.demo' => false]);
    $this->post("/jobs/{$this->job->id}/stand-ins", [
        'scenario' => 'tight', 'unit' => 'psi', 'volume_ml' => '18', 'limit_ml_min' => '0.6',
    ])->assertForbidden();

    expect(LiveRun::query()->count())->toBe(0);
});

it('ends a run whose gauge was switched off when the gauge or the job is wanted again, and logs what it held', function (): void {
    putOn($this);
    played($this, GaugeScenario::SlowLeak, 30.0);
    $first = LiveRun::query()->sole();
    $other = $this->openJob(['machine' => 'Another']);
    // Heard a moment ago: it is on its job.
    $mine = $this->job;
    $this->job = $other;
    putOn($this)->assertSessionHasErrors();
    $this->travel(11)->minutes();
    putOn($this)->assertSessionHasNoErrors();
    expect($first->refresh()->ended_at)
        ->not->toBeNull()
        ->and(Entry::query()->where('kind', 'hold_tested')->where('job_id', $mine->id)->count())
        ->toBe(1)
        ->and(LiveRun::query()->whereNull('ended_at')->sole()->job_id)
        ->toBe($other->id);
});

it('keeps how the carburetor was arranged with a run, and begins none with what the family cannot close off', function (): void {
    $put = fn (array $sealed): TestResponse => $this->post("/jobs/{$this->job->id}/live", [
        'instrument' => $this->gauge->id, 'unit' => 'psi', 'volume_ml' => '18', 'limit_ml_min' => '0.6', 'anyway' => '1',
        'attitude' => 'inverted', 'sealed' => $sealed,
    ]);
    $put(['pulse'])->assertSessionHasErrors();
    expect(LiveRun::query()->count())->toBe(0);
    $put(['vent'])->assertSessionHasNoErrors();
    played($this, GaugeScenario::SlowLeak, 60.0);
    $run = LiveRun::query()->sole();
    expect($run->setUp()->arranged->sealed)->toBe(['vent']);
    $this->delete("/jobs/{$this->job->id}/live/{$run->id}");
    expect(Entry::query()->where('kind', 'hold_tested')->sole()->payload)
        ->toMatchArray(['attitude' => 'inverted', 'sealed' => 'vent', 'anyway' => true]);
});

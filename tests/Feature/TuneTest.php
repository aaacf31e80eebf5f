<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\LiveRun;
use App\Models\PracticeState;
use App\Models\RunPurpose;
use App\Models\RunSetup;
use DustyJet\Instrument\Measurand;
use Illuminate\Testing\TestResponse;

/* A tachometer or a vacuum set at Run, real or on a virtual engine. */

beforeEach(function (): void {
    config(['shop.demo' => true]);
    $this->actingAs($this->person());
    $this->job = $this->openJob(['machine' => 'Saw', 'variant' => 'independent', 'family' => 'cube_opposed']);
    [$this->tachometer, $this->key] = Instrument::register('Tachometer', Measurand::Rpm, 1);
});

function watchedRun($test, ?Instrument $instrument = null, string $purpose = 'speed'): LiveRun
{
    $test->post("/jobs/{$test->job->id}/live", [
        'instrument' => ($instrument ?? $test->tachometer)->id, 'purpose' => $purpose,
    ])->assertSessionHasNoErrors();

    return LiveRun::query()->whereNull('ended_at')->sole();
}

/** @param  list<float>  $speeds twenty a second */
function turning($test, array $speeds, int $from = 1): TestResponse
{
    // By a clock of its own: each sample a twentieth of a second after the one before.
    $at = static fn (int $seq): float => 1_000.0 + $seq / 20.0;
    $lines = [['protocol' => 1, 'sent_at' => $at($from + count($speeds))]];
    foreach ($speeds as $i => $rpm) {
        $lines[] = ['seq' => $from + $i, 't' => $at($from + $i), 'quantity' => 'rpm', 'value' => $rpm];
    }

    return $test->call('POST', '/instruments/samples', server: [
        'HTTP_AUTHORIZATION' => "Bearer {$test->key}", 'CONTENT_TYPE' => 'application/x-ndjson',
    ], content: implode("\n", array_map(static fn (array $l): string => json_encode($l), $lines)));
}

/** A virtual engine on the job, without the program that plays it. */
function virtual($test, int $seed = 7): array
{
    [$instrument, $key] = Instrument::standIn(Measurand::Rpm);
    $run = LiveRun::query()->create([
        'job_id' => $test->job->id,
        'instrument_id' => $instrument->id,
        'opened_by' => auth()->id(),
        'setup' => RunSetup::watching(RunPurpose::Speed, new PracticeState($seed))->toArray(),
        'opened_at' => now(),
    ]);

    return [$run, $key];
}

it('shows the speed, and says when it has settled', function (): void {
    $run = watchedRun($this);
    $told = fn (): array => $this->getJson("/jobs/{$this->job->id}/live/{$run->id}")->assertOk()->json();
    expect($told())->toMatchArray(['values' => [], 'prompt' => 'Waiting for the instrument.', 'ended' => false]);
    $run->update(['opened_at' => now()->subMinute()]);
    turning($this, array_map(static fn (int $i): float => 2700.0 + ($i % 3), range(1, 60)))->assertOk();
    expect($told()['prompt'])->toBe('Steady: log it.')
        ->and($told()['steady'][0])->toEqualWithDelta(2701.0, 1.0)
        ->and($told()['newest'])->toBe(60);
    turning($this, array_map(static fn (int $i): float => 2700.0 + 40 * $i, range(1, 20)), 61)->assertOk();
    expect($told()['prompt'])->toBe('Let it settle.')->and($told()['steady'])->toBe([null]);
    $this->get("/jobs/{$this->job->id}/run")->assertOk()->assertSee('data-tach', false)->assertSee('Stop Tachometer');
    $this->delete("/jobs/{$this->job->id}/live/{$run->id}")->assertRedirect("/jobs/{$this->job->id}/run");
    expect($run->refresh()->ended_at)->not->toBeNull();
});

it('says stop above the maker\'s maximum, and after ten seconds of full throttle', function (): void {
    $run = watchedRun($this);
    $run->update(['opened_at' => now()->subMinute()]);
    $told = fn (): array => $this->getJson("/jobs/{$this->job->id}/live/{$run->id}")->json();
    turning($this, array_fill(0, 100, 12_000.0))->assertOk();
    expect($told()['stop'])->toBe('');
    turning($this, array_fill(0, 300, 12_000.0), 101)->assertOk();
    expect($told()['stop'])->toContain('ten seconds');
    turning($this, array_fill(0, 40, 13_400.0), 401);
    expect($told()['stop'])->toStartWith('Stop. Above 13,000 rpm')->and($told()['prompt'])->toBe($told()['stop']);
});

it('puts nothing on but what measures that, and a bank only where there is one', function (): void {
    [$gauge] = Instrument::register('Gauge', Measurand::Pressure, 1);
    [$set] = Instrument::register('Columns', Measurand::Vacuum, 3);
    $wrong = [[$gauge, 'speed'], [$this->tachometer, 'columns'], [$this->tachometer, 'hold']];
    foreach ($wrong as [$instrument, $purpose]) {
        $this->post("/jobs/{$this->job->id}/live", [
            'instrument' => $instrument->id,
            'purpose' => $purpose,
            'unit' => 'psi',
            'volume_ml' => '18',
            'limit_ml_min' => '1',
        ])->assertSessionHasErrors('instrument');
    }
    $this->post("/jobs/{$this->job->id}/live", ['instrument' => $set->id, 'purpose' => 'columns'])
        ->assertSessionHasErrors();
    $this->post("/jobs/{$this->job->id}/live", ['instrument' => $this->tachometer->id, 'purpose' => 'guess'])
        ->assertSessionHasErrors('purpose');
    expect(LiveRun::query()->count())->toBe(0);
    $this->job = $this->openJob(['machine' => 'Bank', 'variant' => 'three', 'family' => 'outboard_bank']);
    $run = watchedRun($this, $set, 'columns');
    expect($run->page())->toEndWith('/run?screw=balance');
    $this->get($run->page())->assertOk()->assertSee('data-tach', false);
});

it('keeps five blips of six carburetors, and names the screw that comes first', function (): void {
    $job = $this->openJob(['machine' => 'Six', 'variant' => 'six', 'family' => 'outboard_bank']);
    $this->enter($job, 'reference_named', ['carburetor' => 'second'])->assertSessionHasNoErrors();
    $read = [];
    foreach (['top', 'second', 'third', 'fourth', 'fifth', 'bottom'] as $i => $carburetor) {
        $read[$carburetor] = implode(' ', array_fill(0, 5, number_format(10.0 + 0.4 * $i, 1)));
    }
    $this->enter($job, 'bank_read', ['vacuum' => $read])->assertSessionHasNoErrors();

    $this->get("/jobs/{$job->id}/run?screw=balance")->assertOk()
        ->assertSee('Turned the bottom balance screw in 1/16')
        ->assertSee('fifth 11.6 11.6 11.6 11.6 11.6', false);
});

it('logs a start and shows how long it has been warming', function (): void {
    $this->get("/jobs/{$this->job->id}/run?screw=start")->assertOk()->assertSee('First start');
    $this->enter($this->job, 'start_tried', ['outcome' => 'sings'])->assertSessionHasErrors('outcome');
    $this->enter($this->job, 'start_tried', ['outcome' => 'nothing', 'pulls' => '61'])->assertSessionHasErrors('pulls');
    $this->enter($this->job, 'start_tried', ['outcome' => 'runs', 'pulls' => '4'])->assertSessionHasNoErrors();

    $this->get("/jobs/{$this->job->id}/run?screw=start")->assertOk()
        ->assertSee('Warm-up')->assertSee('4 pulls: it runs')->assertSee('data-due', false);
});

it('ends what is watched for something else, and logs nothing of a speed by itself', function (): void {
    $run = watchedRun($this);
    turning($this, array_fill(0, 60, 2700.0));
    [$gauge] = Instrument::register('Gauge', Measurand::Pressure, 1);
    $length = $this->job->refresh()->log_length;
    $this->post("/jobs/{$this->job->id}/live", [
        'instrument' => $gauge->id, 'unit' => 'psi', 'volume_ml' => '18', 'limit_ml_min' => '0.6', 'anyway' => '1',
    ])->assertSessionHasNoErrors();
    expect($run->refresh()->ended_at)->not->toBeNull()
        ->and(LiveRun::query()->whereNull('ended_at')->sole()->instrument_id)->toBe($gauge->id)
        ->and($this->job->refresh()->log_length)->toBe($length);
    // While the gauge is on the bench, the page of the run says nothing of a tachometer.
    $this->get("/jobs/{$this->job->id}/run")->assertOk()->assertDontSee('data-tach=', false);
});

it('tells a stand-in how its engine stands, and nobody else', function (): void {
    [$run, $key] = virtual($this);
    $ask = fn (string $key): TestResponse => $this->call(
        'GET', '/instruments/setting', server: ['HTTP_AUTHORIZATION' => "Bearer {$key}"],
    );
    expect($ask($key)->assertOk()->json())
        ->toMatchArray([
            'family' => 'cube_opposed', 'variant' => 'independent', 'seed' => 7, 'full_throttle' => false, 'balance' => [],
        ])
        ->and($ask($key)->json('turns.high'))->toEqual(1.0);
    $ask($this->key)->assertStatus(409);
    $ask('wrong')->assertUnauthorized();
    $this->putJson("/jobs/{$this->job->id}/stand-ins/{$run->id}", ['screw' => 'high', 'units' => 96, 'full' => true])
        ->assertOk()
        ->assertJsonPath('heard.0', 'flutters, four-strokes');
    expect($ask($key)->json('turns.high'))->toEqual(2.0)->and($ask($key)->json('full_throttle'))->toBeTrue();
});

it('turns a virtual engine only in the demo, on its own job, by whole numbers', function (): void {
    [$run] = virtual($this);
    $good = ['screw' => 'high', 'units' => 60, 'full' => false];
    $put = fn (array $with, ?string $job = null): TestResponse => $this->putJson(
        '/jobs/'.($job ?? $this->job->id)."/stand-ins/{$run->id}", [...$good, ...$with],
    );
    $put([])->assertOk();
    foreach ([['units' => -1], ['units' => 1.5], ['units' => 5000], ['screw' => ''], ['full' => 'maybe']] as $bad) {
        $put($bad)->assertUnprocessable();
    }
    $put([], $this->openJob(['machine' => 'Another'])->id)->assertNotFound();
    config(['shop.demo' => false]);
    $put([])->assertForbidden();
    config(['shop.demo' => true]);
    $this->delete("/jobs/{$this->job->id}/live/{$run->id}");
    $put([])->assertForbidden();
    $real = watchedRun($this);
    $this->putJson("/jobs/{$this->job->id}/stand-ins/{$real->id}", $good)->assertForbidden();
    auth()->forgetGuards();
    $put([])->assertUnauthorized();
});

it('logs a reading with what was heard in one tap, and one that died without a speed', function (): void {
    $turns = ['adjuster' => 'high', 'turns' => '1 1/4'];
    $read = fn (array $with): TestResponse => $this->enter($this->job, 'speed_read', [...$turns, ...$with]);
    $read(['rpm' => '12000', 'mark' => 'flutter'])->assertSessionHasNoErrors();
    $read(['turns' => '1/2', 'rpm' => '', 'mark' => 'dies'])->assertSessionHasNoErrors();
    $read(['rpm' => ''])->assertSessionHasErrors();
    $read(['rpm' => '12000', 'mark' => 'purrs'])->assertSessionHasErrors();
    // Clean more than three quarters richer than a flutter cannot be.
    $read(['turns' => '2 1/4', 'rpm' => '11000', 'mark' => 'clean'])->assertSessionHasErrors();
    $this->get("/jobs/{$this->job->id}/log")->assertOk()->assertSee('12,000 rpm, flutters')->assertSee('it died');
    $this->get("/jobs/{$this->job->id}/run?screw=high")->assertOk()->assertSee('Flutters')->assertSee('Died at');
});

it('reads a governed speed, as a frequency and a droop, and says stop of an over-speed', function (): void {
    $mower = $this->openJob(['machine' => 'Generator']);
    $this->get("/jobs/{$mower->id}/run?screw=governed")->assertOk()->assertSee('Governed speed')->assertSee('3,400 to 3,800');
    $this->enter($mower, 'governed_speed_read', [
        'rpm' => '3750', 'loaded_rpm' => '3600', 'poles' => '2', 'holds' => 'steady', 'at' => 'run', 'screw' => 'governed',
    ])->assertRedirect("/jobs/{$mower->id}/run?screw=governed")->assertSessionHasNoErrors();
    $this->get("/jobs/{$mower->id}/run?screw=governed")
        ->assertSee('3,750 rpm, 62.5 Hz')
        ->assertSee('3,600 rpm, 60 Hz')
        ->assertSee('4.2 %')
        ->assertSee('As wanted');
    $this->enter($mower, 'governed_speed_read', ['rpm' => '0', 'holds' => 'steady'])->assertSessionHasErrors();
    $this->enter($mower, 'governed_speed_read', ['rpm' => '3600', 'holds' => 'sings'])->assertSessionHasErrors('holds');
    $this->enter($mower, 'governed_speed_read', ['rpm' => '4600', 'holds' => 'steady'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$mower->id}/run?screw=governed")->assertSee('Shut it down');
    // A saw has no governor: the tab is not there, and its name leads to the run.
    $this->get("/jobs/{$this->job->id}/run?screw=governed")->assertOk()->assertDontSee('Governed speed');
});

it('takes no stand-in that was played fast and is ahead of the clock', function (): void {
    [$fast] = Instrument::standIn(Measurand::Rpm);
    $fast->update(['last_seq' => 40, 'last_t' => microtime(true) + 60.0]);
    [$other] = Instrument::standIn(Measurand::Rpm);
    expect($other->id)->not->toBe($fast->id);

    $other->update(['last_seq' => 40, 'last_t' => microtime(true) - 1.0]);
    [$again] = Instrument::standIn(Measurand::Rpm);
    expect($again->id)->toBe($other->id);
});

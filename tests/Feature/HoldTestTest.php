<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Trace;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->job = $this->openJob();
});

it('judges typed readings and shows verdict, chart and margin', function (): void {
    $this->hold($this->job)->assertRedirect("/jobs/{$this->job->id}/bench-test?look=hold");

    $this->get("/jobs/{$this->job->id}/bench-test")
        ->assertOk()
        ->assertSee('Holds')
        ->assertSee('limit 0.60')
        ->assertSee('class="strip"', false)
        ->assertSee('times the fuel it holds back');
});

it('judges a file, decimal commas and all', function (): void {
    $csv
        = "\xEF\xBB\xBFt_s;psi\r\n"
        .implode(
            "\r\n",
            array_map(
                fn (int $t): string => $t.';'.str_replace('.', ',', (string) round(5 - 0.02 * $t, 2)),
                range(0, 60, 5),
            ),
        );
    $this->hold($this->job, [
        'readings' => null,
        'file' => UploadedFile::fake()->createWithContent('run.csv', $csv),
    ])->assertSessionHasNoErrors();

    expect(Entry::query()->where('kind', 'hold_tested')->firstOrFail()->payload['result']['verdict'])
        ->toBe('leaks')
        ->and(Trace::query()->firstOrFail()->readings[0])
        ->toBe(5.0);
    $this->get("/jobs/{$this->job->id}/bench-test")->assertSee('Slow leak');
});

it('judges a vacuum and says what it can hide', function (): void {
    $this->hold($this->job, [
        'method' => 'vacuum',
        'unit' => 'inhg',
        'readings' => implode("\n", array_map(fn (int $t): string => "{$t} 15.0", range(0, 120, 10))),
    ])->assertSessionHasNoErrors();

    $this->get("/jobs/{$this->job->id}/bench-test")
        ->assertSee('inHg')
        ->assertSee('it can hide weak closing');
});

it('refuses bad readings with a message and stores nothing', function (array $fields, string $says): void {
    $this->hold($this->job, $fields)->assertSessionHasErrors();

    expect(implode(' ', session('errors')->all()))
        ->toContain($says)
        ->and(Trace::query()->count())
        ->toBe(0)
        ->and(Entry::query()->where('kind', 'hold_tested')->count())
        ->toBe(0);
})->with([
    'nothing at all' => [['readings' => ''], 'Type the readings'],
    'one row' => [['readings' => '0 5'], 'at least 2'],
    'time going back' => [['readings' => "0 5\n10 5\n5 5\n20 5"], 'Line 3: time goes back'],
    'NaN' => [['readings' => "0 5\n10 NaN\n20 5\n30 5"], 'Line 2: "NaN" is not a number'],
    'a negative absolute pressure' => [
        ['method' => 'vacuum', 'unit' => 'inhg', 'readings' => "0 40\n10 40\n20 40\n30 40"],
        'perfect vacuum',
    ],
    'a unit that is none' => [['unit' => 'atm'], 'unit'],
    'no volume' => [['volume_ml' => '0'], 'volume ml'],
    'markup' => [['readings' => "0 <b>5</b>\n1 2\n3 4\n5 6"], 'Line 1'],
]);

it('refuses a file of 200 MB and one that is no trace', function (): void {
    $this->hold($this->job, [
        'readings' => null,
        'file' => UploadedFile::fake()->create('big.csv', 200_000),
    ])->assertSessionHasErrors('file');
    $this->hold($this->job, [
        'readings' => null,
        'file' => UploadedFile::fake()->image('photo.png'),
    ])->assertSessionHasErrors();

    expect(Trace::query()->count())->toBe(0);
});

it('says plainly that a request was too large for the server', function (): void {
    $request = Illuminate\Http\Request::create('/jobs', 'POST', server: ['HTTP_HX_REQUEST' => 'true']);
    $answer = app(Illuminate\Contracts\Debug\ExceptionHandler::class)->render(
        $request,
        new Illuminate\Http\Exceptions\PostTooLargeException,
    );

    expect($answer->getStatusCode())->toBe(413)->and((string) $answer->getContent())->toContain('too large');
});

it('answers a bad address without a trace of its insides', function (string $path): void {
    config(['app.debug' => false]);
    $answer = $this->get(str_replace('{job}', $this->job->id, $path));

    expect($answer->getStatusCode())
        ->toBe(404)
        ->and((string) $answer->getContent())
        ->not->toContain('vendor/')
        ->not->toContain('Stack');
})->with(['/jobs/not-a-uuid', '/jobs/0195b9f0-0000-7000-8000-000000000000/set', '/jobs/{job}/moon']);

it('measures the rig by a reference volume, and carries its uncertainty into the flow', function (): void {
    $job = $this->job;
    $readings = implode(
        "\n",
        array_map(static fn (int $t): string => $t.' '.number_format(5.0 - 0.01 * $t, 2), range(0, 120, 10)),
    );
    $this->hold($job, ['readings' => $readings])->assertSessionHasNoErrors();
    $this->hold($job, [
        'readings' => $readings,
        'reference_ml' => '10',
        'rig_before' => '10',
        'rig_after' => '6.5',
    ])->assertSessionHasNoErrors();
    [$typed, $measured] = Entry::query()
        ->where('kind', 'hold_tested')
        ->orderBy('seq')
        ->get()
        ->map(fn (Entry $e): array => $e->payload)
        ->all();

    expect($measured['volume_ml'])
        ->toEqualWithDelta(18.5714, 1e-4)
        ->and($measured['volume_u_percent'])
        ->toEqualWithDelta(1.51, 0.01)
        ->and($typed['volume_u_percent'])
        ->toEqual(0)
        ->and($measured['result']['leak_ml_min'] / $typed['result']['leak_ml_min'])
        ->toEqualWithDelta((10.0 * 6.5) / 3.5 / 18.0, 1e-6)
        ->and($measured['result']['leak_high_ml_min'] - $measured['result']['leak_low_ml_min'])
        ->toBeGreaterThan($typed['result']['leak_high_ml_min'] - $typed['result']['leak_low_ml_min']);
    $this->get("/jobs/{$job->id}/bench-test")
        ->assertSee('value="18.57"', false)
        ->assertSee('value="1.51"', false);
});

it('does not measure a rig from half of what it needs', function (array $fields, string $message): void {
    $job = $this->job;
    $this->hold($job, $fields)->assertSessionHasErrors();

    expect(implode(' ', session('errors')->all()))->toContain($message)->and($job->refresh()->log_length)->toBe(1);
})->with([
    'no readings of the gauge' => [['reference_ml' => '10'], 'before the reference volume is opened'],
    'no reference volume' => [['rig_before' => '10', 'rig_after' => '6.5'], 'needs the reference volume'],
    'a pressure that rose' => [['reference_ml' => '10', 'rig_before' => '6', 'rig_after' => '7'], 'fall'],
]);

it('keeps how the carburetor was arranged, and refuses what this family cannot close off', function (): void {
    $this->hold($this->job, ['attitude' => 'as_it_hangs', 'sealed' => ['vent', 'float']])->assertSessionHasNoErrors();
    $entry = Entry::query()->where('kind', 'hold_tested')->firstOrFail();
    expect($entry->payload['attitude'])
        ->toBe('as_it_hangs')
        ->and($entry->payload['sealed'])
        ->toBe('vent float');
    $this->get("/jobs/{$this->job->id}/log")->assertSee('as it hangs on the engine, vent blanked, float held closed');
    $this->get("/jobs/{$this->job->id}/report")->assertSee('vent blanked');
    // A float carburetor has no pulse port; a sentence is no part.
    $this->hold($this->job, ['sealed' => ['pulse']])->assertSessionHasErrors();
    $this->hold($this->job, ['sealed' => ['vent; drop']])->assertSessionHasErrors('sealed.0');
    $this->hold($this->job, ['attitude' => 'sideways'])->assertSessionHasErrors('attitude');
    expect(Entry::query()->where('kind', 'hold_tested')->count())->toBe(1)->and(Trace::query()->count())->toBe(1);
});

it('takes a decimal comma for a point in every number that is typed', function (): void {
    $this->hold($this->job, ['volume_ml' => '18,5', 'limit_ml_min' => '0,6'])->assertSessionHasNoErrors();
    expect(Entry::query()->where('kind', 'hold_tested')->sole()->payload['volume_ml'])->toBe(18.5);
    $this->enter($this->job, 'float_measured', ['front_mm' => '16,4', 'rear_mm' => '14', 'length_mm' => ' 40,0 '])
        ->assertSessionHasNoErrors();
    expect(Entry::query()->where('kind', 'float_measured')->sole()->payload['front_mm'])->toBe(16.4);
    $this->enter($this->job, 'float_measured', ['front_mm' => '1,2,3', 'rear_mm' => '14', 'length_mm' => '40'])
        ->assertSessionHasErrors('front_mm');
    // A note is what was typed.
    $this->enter($this->job, 'note_added', ['text' => '3,5'])->assertSessionHasNoErrors();
    expect(Entry::query()->where('kind', 'note_added')->sole()->payload['text'])->toBe('3,5');
});

it('takes what was watched by eye in one key', function (): void {
    $this->hold($this->job, ['readings' => null, 'held' => '60', 'held_psi' => '5'])->assertSessionHasNoErrors();
    $result = Entry::query()->where('kind', 'hold_tested')->firstOrFail()->payload['result'];

    expect($result['verdict'])->toBe('holds')
        ->and(Trace::query()->firstOrFail()->readings)->toBe([5.0, 5.0])
        ->and(Trace::query()->firstOrFail()->seconds)->toBe([0.0, 60.0]);
    $this->get("/jobs/{$this->job->id}/bench-test")->assertSee('Held')->assertSee('60 s at')->assertSee('Holds');
    // It is said to have been by eye, wherever it is told.
    $this->get("/jobs/{$this->job->id}/log")->assertSee('looked at before and after');
    $this->get("/jobs/{$this->job->id}/report")->assertSee('looked at before and after');
});

it('does not say of a vacuum that it was held at a pressure', function (): void {
    $this->hold($this->job, ['readings' => null, 'held' => '60', 'held_psi' => '5', 'method' => 'vacuum'])
        ->assertSessionHasErrors(['held' => 'Held is said of a pressure. Of a vacuum, type what the gauge showed and when.']);
    expect(Trace::query()->count())->toBe(0);
});

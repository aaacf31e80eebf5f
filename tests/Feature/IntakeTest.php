<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\MachineSearch;
use App\Models\Role;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Technician));
});

it('opens a job from ticks alone, and shows what is likely', function (): void {
    $this->get('/jobs/create?family=float_pilot_jet')
        ->assertSee('findings[hard_to_start]', false)
        ->assertSee('Runs only on choke');
    $job = $this->openJob(['findings' => ['surges' => 'strong', 'runs_only_on_choke' => 'yes'], 'complaint' => '']);

    expect($job->complaint)
        ->toBe('Surges, runs only on choke')
        ->and($job->log_length)
        ->toBe(3)
        ->and($job->next_move)
        ->toStartWith('Count');
    // Both point at the inside of the carburetor: it comes apart, and no look before that pays as much.
    $this->get("/jobs/{$job->id}/intake")
        ->assertSee('Pilot jet or idle passage blocked')
        ->assertSee('it surges, badly')
        ->assertSee('Strip it, clean everything, fit the kit')
        ->assertSee('trying it is quicker than looking further first')
        ->assertSeeText('As found, 60 min in all');

    $floods = $this->openJob(['findings' => ['floods' => 'yes'], 'complaint' => '']);
    expect($floods->next_move)->toBe('Look at the vent and into the throat, fuel on');
    $this->get("/jobs/{$floods->id}/intake")->assertSee('Answer it')->assertSee('on average');
});

it('opens one job and logs each tick once when the request is sent again', function (): void {
    $same = [
        'client_id' => '6f2a1b9c-0000-4000-8000-000000000001',
        'findings' => ['floods' => 'yes'],
        'machine' => 'Tilby 46',
        'engine' => '160 cc',
        'family' => 'float_pilot_jet',
        'variant' => 'removable_pilot',
        'idle_sense' => 'fuel',
    ];
    $this->post('/jobs', $same)->assertRedirectContains('/intake');
    $this->post('/jobs', $same)->assertRedirectContains('/intake');

    expect(Job::query()->count())
        ->toBe(1)
        ->and(Entry::query()->count())
        ->toBe(2);
});

it('opens nothing at all when a tick cannot be', function (array $findings): void {
    $this->post('/jobs', [
        'client_id' => '6f2a1b9c-0000-4000-8000-000000000001',
        'findings' => $findings,
        'machine' => 'Tilby 46',
        'engine' => '160 cc',
        'family' => 'float_pilot_jet',
        'variant' => 'removable_pilot',
        'idle_sense' => 'fuel',
    ])->assertSessionHasErrors();

    expect(Job::query()->count())
        ->toBe(0)
        ->and(Entry::query()->count())
        ->toBe(0);
})->with([
    'an unknown complaint' => [['levitates' => 'yes']],
    'an unknown answer' => [['floods' => 'perhaps']],
    'a grade where there is none' => [['floods' => 'strong']],
    'nothing' => [[]],
]);

it('ranks again after each answer', function (): void {
    $job = $this->openJob(['findings' => ['hard_to_start' => 'strong']]);
    $this->enter($job, 'check_answered', [
        'check' => 'spark_test',
        'answers' => ['spark_poor' => 'strong'],
        'at' => 'intake',
    ])
        ->assertSessionHasNoErrors()
        ->assertRedirectContains('/intake');

    $this->get("/jobs/{$job->id}/intake")
        ->assertSeeInOrder([
            'Suspects',
            'No spark',
            'Said and seen',
            'The spark is poor, none',
            'It is hard to start, badly',
        ])
        ->assertSee('the spark is poor, none');
});

it('refuses an answer that is none, and says so', function (): void {
    $job = $this->openJob(['findings' => ['hard_to_start' => 'strong']]);
    $this->enter($job, 'check_answered', [
        'check' => 'spark_test',
        'answers' => ['spark_poor' => 'purple'],
    ])->assertSessionHasErrors();
    $this->enter($job, 'check_answered', ['check' => 'spark_test', 'answers' => 'yes'])->assertSessionHasErrors();
    $this->enter($job, 'finding_noted', ['finding' => 'metering_stiff', 'answer' => 'yes'])->assertSessionHasErrors();

    expect($job->refresh()->log_length)->toBe(2);
});

it('never offers to start an engine that drips', function (): void {
    $job = $this->openJob(['findings' => ['fuel_dripping' => 'yes', 'hard_to_start' => 'strong']]);
    $page = $this->get("/jobs/{$job->id}/intake")
        ->assertSee('Do not try to start it.')
        ->assertSee('Not safe: fuel drips.');
    foreach (['Run it with the tank cap loose', 'Prime it with a spoon', 'Run it and close the choke'] as $start) {
        // Among the reasons why not, at most; never as a link or a next move.
        expect(
            preg_match(
                '~<(a|button|p class="do")[^>]*>(<span>)?'.preg_quote($start, '~').'~',
                (string) $page->getContent(),
            ),
        )->toBe(0, $start);
    }
    expect($job->refresh()->next_move)->not->toContain('Run it')->not->toContain('Prime');
});

it('steps through clearing a flooded engine, counting the pulls', function (): void {
    $job = $this->openJob(['findings' => ['floods' => 'yes']]);
    $step = fn (string $step, string $worked) => $this->enter($job, 'flow_stepped', [
        'flow' => 'clear_flooded',
        'step' => $step,
        'worked' => $worked,
        'at' => 'intake',
    ])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/intake")->assertSee('Clear a flooded engine');
    $this->enter($job, 'finding_noted', ['finding' => 'fuel_dripping', 'answer' => 'no', 'at' => 'intake']);
    $step('choke_off', '1');
    for ($i = 0; $i < 10; $i++) {
        $step('pull', '0');
    }

    $this->get("/jobs/{$job->id}/intake")
        ->assertSee('Stop pulling: ten are enough')
        ->assertDontSee('One more, not yet');
});

it('takes an answer back', function (): void {
    $job = $this->openJob(['findings' => ['surges' => 'strong']]);
    $this->enter($job, 'finding_noted', ['finding' => 'black_smoke', 'answer' => 'strong', 'at' => 'intake']);
    $entry = Entry::query()->where('job_id', $job->id)->orderByDesc('seq')->firstOrFail();
    $this->get("/jobs/{$job->id}/intake")->assertSee('It smokes black, heavy');
    $this->enter(
        $job->refresh(),
        'struck',
        ['supersedes' => $entry->id, 'at' => 'intake'],
        $job->log_length,
    )->assertSessionHasNoErrors();

    $this->get("/jobs/{$job->id}/intake")->assertDontSee('It smokes black, heavy');
});

it('shows a check of one\'s own choosing with its answers', function (): void {
    $job = $this->openJob(['findings' => ['will_not_idle' => 'yes']]);

    $this->get("/jobs/{$job->id}/intake?check=shaft_wiggle")
        ->assertSee('Play in the throttle shaft?')
        ->assertSee('answers[shaft_play]', false);
    $this->get("/jobs/{$job->id}/intake?check=no_such_check")->assertOk();
});

it('finds a machine by its name, serial number or owner', function (): void {
    $this->openJob([
        'machine' => 'Tilby 46 mower',
        'serial' => 'TB-99',
        'customer' => 'Odell Farm',
        'complaint' => 'floods',
    ]);
    $this->openJob(['machine' => 'Osier generator', 'complaint' => 'surges']);

    $this->get('/machines?machine=tilby&family=float_pilot_jet')
        ->assertSee('Tilby 46 mower')
        ->assertSee('TB-99')
        ->assertDontSee('Osier');
    $this->get('/machines?machine=TB-9')->assertSee('Tilby 46 mower');
    $this->get('/machines?machine=odell')->assertSee('Tilby 46 mower');
    $this->get('/machines?machine=%25')->assertDontSee('Tilby');
    $this->get('/machines?machine=zz')->assertSee('New here');
    $this->get('/machines?machine=t')->assertDontSee('Tilby');
    $this->get('/machines?machine[]=t')->assertSuccessful();
    $this->get('/machines?machine=%00a')->assertSuccessful();
    $job = Job::query()->firstOrFail();
    $this->get("/jobs/{$job->id}/intake?check[]=t&screw[]=x")->assertOk();
});

it('shows one machine once, with what the form needs', function (): void {
    $this->openJob(['machine' => 'Tilby 46 "red" mower', 'serial' => 'TB-99', 'complaint' => 'floods']);
    $this->openJob(['machine' => 'Tilby 46 "red" mower', 'serial' => 'TB-99', 'complaint' => 'surges']);
    $html = (string) $this->get('/machines?machine=tilby&family=float_pilot_jet')->assertSee('surges')->getContent();

    expect(substr_count($html, 'data-machine'))->toBe(1)->and($html)->toContain('&quot;serial&quot;:&quot;TB-99&quot;');
});

it('finds every machine once by its latest job, whatever it was found by, and no more than asked', function (): void {
    $job = $this->openJob();
    $machines = [];
    foreach (range(0, 59) as $n) {
        $machine = ['machine' => 'Pump '.$n % 20, 'serial' => 'P'.$n % 12, 'customer' => $n % 3 === 0 ? null : 'Pumps & Sons '.$n % 5];
        $copy = $job->replicate()->fill([...$machine, 'number' => "DJ-8{$n}", 'opened_at' => now()->addMinutes($n)]);
        $copy->save();
        $machines[implode('|', $machine)] = "DJ-8{$n}";
    }
    $found = MachineSearch::like('PUMP', 100)->pluck('number')->all();
    $few = MachineSearch::like('p', 7)->pluck('machine')->all();

    expect($found)->toEqualCanonicalizing(array_values($machines))
        ->and($found[0])->toBe('DJ-859')
        ->and(count($few))->toBeBetween(7, 21)
        ->and(MachineSearch::like('pump 1%', 100)->all())->toBe([])
        ->and(MachineSearch::like('p3', 100)->pluck('serial')->unique()->all())->toBe(['P3']);
});

it('keeps the machine search to those who may take one in', function (): void {
    app('auth')->forgetGuards();

    $this->get('/machines?machine=tilby&family=float_pilot_jet')->assertRedirect('/sign-in');
});

it('carries the diagnosis through export and import', function (): void {
    $job = $this->openJob(['findings' => ['surges' => 'strong']]);
    $this->enter($job, 'check_answered', [
        'check' => 'fuel_sample',
        'answers' => ['fuel_smells_stale' => 'yes', 'water_in_sample' => 'no'],
    ]);
    $this->enter($job, 'fault_repaired', ['fault' => 'stale_fuel']);
    $file = json_decode((string) $this->get("/jobs/{$job->id}/file")->getContent(), true);

    expect($file['entries'][2]['payload']['answers']['fuel_smells_stale'])
        ->toBe('yes')
        ->and($file['entries'][3]['kind'])
        ->toBe('fault_repaired');
    $this->get("/jobs/{$job->id}/log")
        ->assertSee('Fuel sample: ')
        ->assertSee('Cured: ');
});

it('leads to the carburetor first, by questions or by choosing it', function (): void {
    $this->get('/jobs/create')
        ->assertOk()
        ->assertSee('Does it sit on the fuel tank')
        ->assertSee('/jobs/create?family=kart_pumper', false);
    $this->get('/jobs/create?a=1-1-1-0')
        ->assertSee('It is:')
        ->assertSee('/jobs/create?family=cube_opposed', false)
        ->assertSee('Open a job with it');
});

it('asks of each family what tells its forms apart, and of the screw only where it must be looked at', function (
    string $family,
    string $ask,
    bool $sense,
): void {
    $page = $this->get("/jobs/create?family={$family}")
        ->assertOk()
        ->assertSee($ask);
    $sense ? $page->assertSee('Air screw: out is leaner') : $page->assertDontSee('Air screw: out is leaner');
})->with([
    ['suction_lift', 'How many tubes hang in the tank?', false],
    ['cube_opposed', 'How do H and L get their fuel?', false],
    ['float_pilot_jet', 'What is at the pilot jet?', true],
]);

it('opens no job of a family or a form that is none', function (array $wrong, string $says): void {
    $this->post('/jobs', [
        ...[
            'client_id' => '6f2a1b9c-0000-4000-8000-000000000001',
            'machine' => 'Tilby 46',
            'engine' => '160 cc',
            'complaint' => 'floods',
            'family' => 'cube_opposed',
            'variant' => 'dependent',
        ],
        ...$wrong,
    ])->assertSessionHasErrors();

    expect(session('errors')->first())
        ->toContain($says)
        ->and(Job::query()->count())
        ->toBe(0);
})->with([
    [['family' => 'steam'], 'not known here'],
    [['family' => '../bench/shared'], 'not known here'],
    [['variant' => 'removable_pilot'], 'removable_pilot'],
    [['family' => ''], 'family'],
]);

it('takes a promise as a date field says it, and no arithmetic', function (string $promised): void {
    $this->post('/jobs', [
        'client_id' => Illuminate\Support\Str::uuid()->toString(),
        'machine' => 'Tilby 46 mower',
        'complaint' => 'floods',
        'family' => 'float_pilot_jet',
        'promised_at' => $promised,
    ])->assertSessionHasErrors('promised_at');
})->with(['2026-11-30 +1 year noon', 'tomorrow', '2026-02-30T10:00']);

<?php

declare(strict_types=1);

use App\Models\Role;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Strip\Parts;

it('takes a job from intake to hand-back over HTTP', function (): void {
    $this->actingAs($this->person(Role::Owner));
    $job = $this->openJob([
        'family' => 'float_adjustable_main',
        'variant' => 'bowl_nut_needle',
        'findings' => ['floods' => 'yes', 'black_smoke' => 'some'],
        'complaint' => 'since spring',
        'fuel_age_days' => '120',
        'promised_at' => '2030-05-01T14:00',
    ]);
    $family = app(Families::class)->of($job->family);
    $this->get("/jobs/{$job->id}/intake")
        ->assertSee('Floods, black smoke. since spring')
        ->assertSee('120 days old');
    foreach (['main' => '1 7/8', 'idle_mixture' => '3.5 half turns', 'idle_speed' => '1'] as $screw => $turns) {
        $this->enter($job, 'screw_counted', ['adjuster' => $screw, 'turns' => $turns])->assertSessionHasNoErrors();
    }
    $this->get("/jobs/{$job->id}/as-found?screw=idle_mixture")->assertSee('1 3/4', false);
    $plan = $family->plan($job->variant ?? '');
    foreach ($plan->stripOrder() as $part) {
        $this->enter($job, 'part_off', ['part' => $part->key, 'count' => $part->count])->assertSessionHasNoErrors();
    }
    // With the needle on the tray nothing can hold: asked once, then logged with a mark.
    $this->hold($job)->assertSessionHasErrors();
    $this->hold($job, ['anyway' => '1'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/log")->assertSee('with parts on the tray');
    foreach (array_keys($family->inspectionsOf('')) as $inspection) {
        $this->enter($job, 'part_inspected', [
            'inspection' => $inspection,
            'condition' => 'sound',
        ])->assertSessionHasNoErrors();
    }
    while (($part = $job->worksheet(app(Families::class))->of(Parts::class)->build->ready()[0] ?? null) !== null) {
        $looks = array_fill(0, count($part->looks()), '1');
        $this->enter($job, 'part_on', [
            'part' => $part->key,
            'count' => $part->count,
            'looks_asked' => count($looks),
            'looks' => $looks,
        ])->assertSessionHasNoErrors();
    }
    $this->get("/jobs/{$job->id}/set")->assertSee('Check again: needle hold');
    $this->hold($job)->assertSessionHasNoErrors();
    foreach (['main' => '1 1/2', 'idle_mixture' => '1 1/2', 'idle_speed' => '1'] as $screw => $turns) {
        $this->enter($job, 'screw_set', [
            'adjuster' => $screw,
            'turns' => $turns,
            'station' => 'set',
        ])->assertSessionHasNoErrors();
    }
    foreach (['1' => 1500, '1 1/4' => 1650, '1 1/2' => 1720, '1 3/4' => 1690, '2' => 1600] as $turns => $rpm) {
        $this->enter($job, 'speed_read', [
            'adjuster' => 'idle_mixture',
            'turns' => (string) $turns,
            'rpm' => (string) $rpm,
            'at' => 'run',
        ])->assertSessionHasNoErrors();
    }
    $this->enter($job, 'school_chosen', [
        'adjuster' => 'idle_mixture',
        'school' => 'midpoint',
        'at' => 'run',
    ])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/run?screw=idle_mixture")
        ->assertOk()
        ->assertSee('class="mixrun"', false)
        ->assertSee('LEAN EDGE');
    foreach (['main' => '1 1/2', 'idle_mixture' => '1 1/2', 'idle_speed' => '1'] as $screw => $turns) {
        $this->enter($job, 'screw_set', [
            'adjuster' => $screw,
            'turns' => $turns,
            'station' => 'run',
            'at' => 'run',
        ])->assertSessionHasNoErrors();
    }
    $this->enter($job, 'handed_back', ['at' => 'hand-back'])->assertSessionHasErrors();
    foreach (array_keys($family->proof->checks) as $check) {
        $this->enter($job, 'check_done', [
            'check' => $check,
            'passed' => '1',
            'rpm' => $check === 'idle' ? '1760' : null,
            'at' => 'hand-back',
        ])->assertSessionHasNoErrors();
    }
    $this->enter($job, 'handed_back', [
        'advice' => 'Fresh fuel each season.',
        'at' => 'hand-back',
    ])->assertSessionHasNoErrors();
    expect($job->refresh()->handed_back_at)->not->toBeNull();
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('Handed back: this is how the bench was left.')
        ->assertSee('<fieldset id="tab" class="dj-benchtab" disabled>', false);
    $this->get("/jobs/{$job->id}/report")
        ->assertSee('Fresh fuel each season.')
        ->assertSee('passes, 1,760 rpm')
        ->assertSee('Needle hold at 5.0 psi');
    expect(
        (string) $this->get("/jobs/{$job->id}/report.pdf")
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent(),
    )->toStartWith('%PDF-');
    $this->get('/')->assertSee('Handed back');
    foreach (Station::cases() as $station) {
        $this->get("/jobs/{$job->id}/{$station->value}")
            ->assertOk()
            ->assertSee('Handed back.');
    }
    $this->get("/jobs/{$job->id}/intake")
        ->assertSee('It floods')
        ->assertDontSee('Cured, log it')
        ->assertDontSee('Keep the photo');
});

it('corrects the intake without losing what was first written', function (): void {
    $this->actingAs($this->person());
    $job = $this->openJob();
    $first = $job->entries()->firstOrFail();
    $this->enter($job, 'intake_taken', [
        'machine' => 'Osier pump',
        'engine' => '200 cc',
        'complaint' => 'surges',
        'variant' => 'pump_fed',
        'idle_sense' => 'air',
        'supersedes' => $first->id,
        'at' => 'intake',
    ])->assertSessionHasNoErrors();

    $this->get("/jobs/{$job->id}/as-found?screw=idle_mixture")
        ->assertSee('Osier pump')
        ->assertSee('Air screw: out is leaner');
    $this->get("/jobs/{$job->id}/log")
        ->assertSee('floods')
        ->assertSee('surges');
});

it('refuses turns it cannot read with the two it might mean', function (): void {
    $this->actingAs($this->person());
    $job = $this->openJob();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1.76'])->assertSessionHasErrors();

    expect(session('errors')->first())->toContain('1 3/4 or 1 37/48');
});

it('asks for what is missing in an intake', function (): void {
    $this->actingAs($this->person());
    $this->from('/jobs/create')
        ->post('/jobs', ['client_id' => Illuminate\Support\Str::uuid()->toString()])
        ->assertRedirect('/jobs/create')
        ->assertSessionHasErrors(['machine', 'engine', 'complaint', 'variant', 'family']);

    expect(App\Models\Job::query()->count())->toBe(0);
});

it('sets a capped screw from the middle of its cap, typed as turns', function (): void {
    $this->actingAs($this->person());
    $job = $this->openJob(['family' => 'cube_opposed', 'variant' => 'independent']);
    $this->enter($job, 'screw_capped', ['adjuster' => 'low', 'from_turns' => '3/4', 'to_turns' => '1 1/4', 'screw' => 'low'])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/set?screw=low")
        ->assertOk()
        ->assertSee('Middle of its cap')
        ->assertSee('3/4 to 1');
    $this->enter($job, 'screw_capped', ['adjuster' => 'low', 'from_turns' => '1', 'to_turns' => '3/4'])->assertSessionHasErrors();
    $this->enter($job, 'screw_capped', ['adjuster' => 'low', 'from_turns' => '1'])->assertSessionHasErrors('to_turns');
    $this->get("/jobs/{$job->id}/log")->assertSee('limiter cap: ');
});

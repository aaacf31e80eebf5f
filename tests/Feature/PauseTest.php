<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
});

it('shows on the board what waits, for what and until when, apart from what needs hands', function (): void {
    Date::setTestNow('2030-01-05 12:00');
    $waits = $this->openJob(['machine' => 'Korvo 52']);
    $this->openJob(['machine' => 'Tilby 46']);
    $this->get('/')->assertDontSee('Waiting');
    $this->enter($waits, 'wait_began', ['for' => 'part', 'what' => 'fuel pump kit', 'until' => '2030-01-09']);

    $this->get('/')
        ->assertSeeInOrder(['Needs hands', 'Tilby 46', 'Waiting', 'Korvo 52', 'for a part, fuel pump kit', 'until Wed, Jan 9'])
        ->assertSee('2 min');
    Date::setTestNow('2030-01-10 00:30');
    $this->get('/')->assertSee('was due Jan 9');

    $this->get("/jobs/{$waits->id}/clean")->assertSee('Waits for a part, fuel pump kit')->assertSee('It is here');
    $this->enter($waits, 'wait_ended');
    $this->get('/')->assertDontSee('was due Jan 9')->assertSeeInOrder(['Needs hands', 'Korvo 52']);
});

it('refuses a wait without its reason or with a day that is none', function (array $fields, string $said): void {
    $job = $this->openJob();
    $this->enter($job, 'wait_began', $fields)->assertSessionHasErrors();
    expect(session('errors')->first())->toContain($said)->and($job->refresh()->waits_for)->toBe('');
})->with([
    [['for' => 'part', 'what' => ''], 'Say which part was ordered'],
    [['for' => 'moon', 'what' => 'x'], 'for'],
    [['for' => 'part', 'what' => 'kit', 'until' => '2026-02-31'], 'until'],
    [['for' => 'part', 'what' => 'kit', 'until' => 'tomorrow'], 'until'],
]);

it('opens a come-back linked to the job it came back from', function (): void {
    $first = $this->openJob(['machine' => 'Korvo 52', 'serial' => 'K-1', 'customer' => 'H. Lund']);
    $this->enter($first, 'returned_unrepaired', ['reason' => 'no part']);
    $again = "/jobs/create?family={$first->family}&from={$first->id}&back=1";
    $this->get("/jobs/{$first->id}/hand-back")->assertSee('It came back')->assertSee(e($again), false);
    $this->get($again)
        ->assertSee("Come-back of {$first->number}")
        ->assertSee('K-1')
        ->assertSee('It began after that repair');

    $this->post('/jobs', [
        'client_id' => (string) Str::uuid(),
        'family' => $first->family,
        'machine' => 'Korvo 52',
        'engine' => '160 cc',
        'complaint' => 'drips again',
        'variant' => 'removable_pilot',
        'comes_back_from' => $first->number,
        'findings' => ['since_rebuild' => 'yes'],
    ])->assertSessionHasNoErrors();
    $second = Job::query()->where('came_back_from', $first->number)->firstOrFail();

    expect(Entry::query()->where('job_id', $second->id)->where('kind', 'finding_noted')->value('payload'))
        ->toMatchArray(['finding' => 'since_rebuild', 'answer' => 'yes'])
        ->and($second->complaint)
        ->toBe('drips again');
    $this->get("/jobs/{$second->id}/intake")->assertSee("Came back from {$first->number}");
    $this->get("/jobs/{$first->id}/hand-back")->assertSee("Came back as {$second->number}");
});

it('links a come-back to no job that is not here', function (): void {
    $this->post('/jobs', [
        'client_id' => (string) Str::uuid(),
        'family' => 'float_pilot_jet',
        'machine' => 'Tilby',
        'engine' => '160 cc',
        'complaint' => 'drips',
        'variant' => 'removable_pilot',
        'comes_back_from' => 'DJ-9999',
    ])->assertSessionHasErrors('comes_back_from');
    expect(Job::query()->count())->toBe(0);
});

it('can say in every family that it began after a repair', function (): void {
    $catalogue = app(Catalogue::class);
    foreach ($catalogue->families as $id => $kind) {
        expect($catalogue->findingsOf($kind))->toHaveKey('since_rebuild', message: $id);
    }
});

it('waits for nothing on a job that is closed', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'returned_unrepaired', ['reason' => 'no part']);
    $this->enter($job, 'wait_began', ['for' => 'part', 'what' => 'kit'])->assertSessionHasErrors();

    expect($job->refresh()->waits_for)->toBe('')->and($job->log_length)->toBe(2);
});

it('lets one of two end a wait, and tells the other', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'wait_began', ['for' => 'part', 'what' => 'kit'])->assertSessionHasNoErrors();
    $this->enter($job, 'wait_ended', [], seen: 2)->assertSessionHasNoErrors();
    $this->enter($job, 'wait_ended', [], seen: 2)->assertSessionHasErrors();

    expect($job->refresh()->log_length)->toBe(3);
});

it('comes back from the job that has the number, whatever came by a file beside it', function (): void {
    $first = $this->openJob(['machine' => 'Korvo 52']);
    $other = $this->openJob(['machine' => 'Korvo 52']);
    $other->update(['number' => App\Models\Job::freeNumber($first->number)]);
    $back = $this->openJob(['machine' => 'korvo 52']);
    $back->update(['came_back_from' => $first->number]);

    expect($back->cameBackFrom()?->id)->toBe($first->id)->and($other->comeBacks())->toHaveCount(0);
});

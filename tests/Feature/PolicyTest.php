<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Role;
use App\Policies\JobPolicy;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Http\UploadedFile;

it('says who may do what', function (Role $role, bool $mayHandBack): void {
    $this->actingAs($this->person($role));
    $job = $this->openJob();
    $person = auth()->user();
    $policy = new JobPolicy;

    expect($policy->viewAny($person))
        ->toBeTrue()
        ->and($policy->view($person, $job))
        ->toBeTrue()
        ->and($policy->create($person))
        ->toBeTrue()
        ->and($policy->append($person, $job))
        ->toBeTrue()
        ->and($policy->log($person, $job, EntryKind::NoteAdded)->allowed())
        ->toBeTrue()
        ->and($policy->log($person, $job, EntryKind::HandedBack)->allowed())
        ->toBe($mayHandBack)
        ->and($policy->log($person, $job, EntryKind::StaleOverridden)->allowed())
        ->toBe($mayHandBack)
        ->and($policy->import($person))
        ->toBe($mayHandBack);
})->with([
    'owner' => [Role::Owner, true],
    'technician' => [Role::Technician, true],
    'apprentice' => [Role::Apprentice, false],
]);

it('holds the policy on the routes too', function (Role $role, int $status): void {
    $this->actingAs($this->person($role));
    $job = $this->openJob();
    $override = $this->enter($job, 'stale_overridden', ['item' => 'needle_hold', 'reason' => 'seen it']);
    $import = $this->post('/job-files', ['file' => UploadedFile::fake()->createWithContent('job.json', '{}')]);

    expect($override->getStatusCode())->toBe($status)->and($import->getStatusCode())->toBe($status);
})->with([
    'owner' => [Role::Owner, 302],
    'technician' => [Role::Technician, 302],
    'apprentice' => [Role::Apprentice, 403],
]);

it('writes down who did it, whatever the form says', function (): void {
    $this->actingAs($this->person(Role::Technician, 'Teo Vanska'));
    $job = $this->openJob();
    $this->enter($job, 'note_added', ['text' => 'mine', 'by' => 'R. Okafor', 'by_name' => 'R. Okafor']);

    expect(Entry::query()->pluck('by_name')->unique()->values()->all())->toBe(['Teo Vanska']);
});

it('has no such thing as an unknown kind of entry', function (): void {
    $this->actingAs($this->person(Role::Owner));
    $job = $this->openJob();

    $this->enter($job, 'job_deleted')->assertNotFound();
    $this->enter($job, 'hold_tested', ['trace' => '00000000-0000-4000-8000-000000000001'])->assertSessionHasErrors(
        'trace',
    );
});

it('wants an id and what was seen with every entry', function (): void {
    $this->actingAs($this->person(Role::Owner));
    $job = $this->openJob();

    $this->post("/jobs/{$job->id}/entries/note_added", ['text' => 'a'])->assertSessionHasErrors(['client_id', 'seen']);
    $this->post("/jobs/{$job->id}/entries/note_added", [
        'text' => 'a',
        'client_id' => 'x',
        'seen' => '-1',
    ])->assertSessionHasErrors(['client_id', 'seen']);
});

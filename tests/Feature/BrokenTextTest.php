<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Support\Str;

/*
 * Bytes that are no text are answered, wherever they are typed.
 */

dataset('broken', ['a NUL' => ["a\0b"], 'no UTF-8' => ["\xff\xfe"], 'Latin 1' => ["caf\xe9"]]);

it('answers broken text in an entry, an intake and a search', function (string $text): void {
    $this->actingAs($this->person(Role::Owner));
    $job = $this->openJob();
    $length = $job->refresh()->log_length;
    $intake = [
        'client_id' => (string) Str::uuid(),
        'family' => 'float_pilot_jet',
        'machine' => 'Tilby',
        'engine' => '160 cc',
        'complaint' => 'drips',
        'variant' => 'removable_pilot',
    ];

    $this->enter($job, 'wait_began', ['for' => 'part', 'what' => $text])->assertSessionHasErrors('text');
    $this->enter($job, 'note_added', ['text' => $text])->assertSessionHasErrors('text');
    $this->post('/jobs', [...$intake, 'comes_back_from' => $text])->assertSessionHasErrors('text');
    $this->post('/jobs', [...$intake, 'findings' => [$text => 'yes']])->assertSessionHasErrors('text');
    expect($this->get('/machines?'.http_build_query(['machine' => $text]))->status())
        ->toBeLessThan(500)
        ->and($this->get("/jobs/{$job->id}/intake?".http_build_query(['look' => $text]))->status())
        ->toBeLessThan(500)
        ->and($job->refresh()->log_length)
        ->toBe($length)
        ->and(Job::query()->count())
        ->toBe(1);
})->with('broken');

it('answers broken text at sign-in', function (string $text): void {
    expect($this->post('/sign-in', ['name' => $text, 'password' => 'x'])->status())->toBeLessThan(500);
})->with('broken');

it('takes any script of the world', function (): void {
    $this->actingAs($this->person(Role::Owner));
    $job = $this->openJob();
    $this->enter($job, 'note_added', ['text' => 'Düse 0,4 Ø, Ελλάδα, 火花塞, 🔧'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/log")->assertSee('火花塞, 🔧');
});

<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Support\Facades\Date;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
});

it('says so when the bench is clear', function (): void {
    $this->get('/')->assertOk()->assertSee('The bench is clear')->assertSee('0 jobs open');
});

it('puts the soonest promised first, and what has no date last', function (): void {
    $this->openJob(['machine' => 'Undated pump']);
    $this->openJob(['machine' => 'Later pump', 'promised_at' => '2031-01-01T10:00']);
    $this->openJob(['machine' => 'Sooner pump', 'promised_at' => '2030-01-01T10:00']);

    $this->get('/')->assertSeeInOrder(['Sooner pump', 'Later pump', 'Undated pump']);
});

it('says when a promise has passed', function (): void {
    Date::setTestNow('2030-01-01 12:00');
    $this->openJob(['machine' => 'Late pump', 'promised_at' => '2030-01-01T10:00']);

    $this->get('/')->assertSee('today 10:00 AM, late');
});

it('shows each job with its next move and its station', function (): void {
    $job = $this->openJob();
    $this->get('/')->assertSee('Count the idle mixture screw in')->assertSee('As found');
    foreach (['idle_mixture', 'idle_speed'] as $screw) {
        $this->enter($job, 'screw_counted', ['adjuster' => $screw, 'turns' => '1']);
    }

    $this->get('/')->assertSee('Take off: air cleaner box')->assertSee('Strip');
    expect(Job::query()->firstOrFail()->station)->toBe('strip');
});

it('adds up the minutes of the next moves', function (): void {
    $this->openJob();
    $this->openJob();

    $this->get('/')->assertSee('4 min');
});

it('gives each job a number of its own', function (): void {
    $first = $this->openJob()->number;
    $second = $this->openJob()->number;

    expect($first)->toMatch('/^DJ-\d{4}$/')
        ->and((int) substr($second, 3))->toBe((int) substr($first, 3) + 1);
});

it('rebuilds what it shows from the log', function (): void {
    $job = $this->openJob(['machine' => 'Tilby 46']);
    $first = $job->entries()->firstOrFail();
    $this->enter($job, 'intake_taken', [
        'machine' => 'Osier 3 kW generator',
        'engine' => '200 cc',
        'complaint' => 'surges',
        'variant' => 'removable_pilot',
        'idle_sense' => 'fuel',
        'supersedes' => $first->id,
    ]);

    $this->get('/')->assertSee('Osier 3 kW generator')->assertDontSee('Tilby 46');
});

<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\Person;
use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends LaravelTestCase
{
    /** Each process of a run that has several uses a database of its own. */
    public function createApplication()
    {
        $app = parent::createApplication();
        foreach (['pgsql', 'owner'] as $connection) {
            $app['config']->set("database.connections.{$connection}.database", OwnCluster::database());
        }

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    protected function setUpTraits(): array
    {
        if (in_array(RefreshDatabase::class, class_uses_recursive(static::class), true)) {
            OwnCluster::refuseAnother();
        }

        return parent::setUpTraits();
    }

    public function person(Role $role = Role::Technician, string $name = 'June Halloran'): Person
    {
        return Person::query()->create(['name' => $name, 'role' => $role, 'password' => 'a-long-password']);
    }

    /** @param  array<string, mixed>  $intake */
    public function openJob(array $intake = []): Job
    {
        $answer = $this->post('/jobs', [
            ...[
                'client_id' => Str::uuid()->toString(),
                'machine' => 'Tilby 46 mower',
                'engine' => '160 cc',
                'complaint' => 'floods',
                'family' => 'float_pilot_jet',
                'variant' => 'removable_pilot',
                'idle_sense' => 'fuel',
            ],
            ...$intake,
        ])->assertRedirect()->assertSessionHasNoErrors();
        preg_match('~/jobs/([0-9a-f-]{36})~', (string) $answer->headers->get('Location'), $found);

        return Job::query()->findOrFail($found[1] ?? '');
    }

    /** @param  array<string, mixed>  $fields */
    public function enter(Job $job, string $kind, array $fields = [], ?int $seen = null): TestResponse
    {
        return $this->post("/jobs/{$job->id}/entries/{$kind}", [
            'client_id' => Str::uuid()->toString(),
            'seen' => $seen ?? $job->refresh()->log_length,
            'at' => 'set',
            ...$fields,
        ]);
    }

    public function takeOff(Job $job, string ...$parts): void
    {
        foreach ($parts as $part) {
            $this->enter($job, 'part_off', ['part' => $part, 'count' => 1])->assertSessionHasNoErrors();
        }
    }

    /** @param  array<string, mixed>  $fields */
    public function hold(Job $job, array $fields = []): TestResponse
    {
        return $this->post("/jobs/{$job->id}/hold-tests", [
            'client_id' => Str::uuid()->toString(),
            'seen' => $job->refresh()->log_length,
            'method' => 'pressure',
            'unit' => 'psi',
            'volume_ml' => '18',
            'limit_ml_min' => '0.6',
            'readings' => $this->tightReadings(),
            ...$fields,
        ]);
    }

    public function tightReadings(): string
    {
        return implode("\n", array_map(static fn (int $t): string => "{$t} 5.0", range(0, 120, 10)));
    }
}

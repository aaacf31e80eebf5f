<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Ramsey\Uuid\Uuid;

/**
 * What every request that adds to a job's log carries: an id its client made, and how much of the log its author has
 * seen.
 */
trait AppendsToLog
{
    public function authorize(): bool
    {
        $job = $this->route('job');

        return $job instanceof Job && $this->user()?->can('append', $job) === true;
    }

    public function clientId(): string
    {
        return $this->string('client_id')->lower()->toString();
    }

    public function seen(): int
    {
        return $this->integer('seen');
    }

    /** An id that follows from the entry's, so that a resent request names the same thing. */
    private function idOf(string $thing): string
    {
        return Uuid::uuid5($this->clientId(), $thing)->toString();
    }
}

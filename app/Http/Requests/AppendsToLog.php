<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Letter;
use App\Models\Person;
use DustyJet\BenchLog\Seen;
use Illuminate\Validation\UnauthorizedException;
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

    /** @throws UnauthorizedException If nobody is signed in. */
    public function letter(): Letter
    {
        $by = $this->user();
        $own = array_map(mb_strtolower(...), array_filter((array) $this->input('known', []), is_string(...)));

        return $by instanceof Person
            ? new Letter($by, $this->clientId(), new Seen($this->integer('seen'), array_values($own), $by->name))
            : throw new UnauthorizedException;
    }

    /** @return array<string, list<string>> */
    private function letterRules(): array
    {
        return [
            'client_id' => ['required', 'uuid'],
            'seen' => ['required', 'integer', 'min:0'],
            'known' => ['array', 'max:500'],
            'known.*' => ['uuid'],
        ];
    }

    private function clientId(): string
    {
        return $this->string('client_id')->lower()->toString();
    }

    /** An id that follows from the entry's, so that a resent request names the same thing. */
    private function idOf(string $thing): string
    {
        return Uuid::uuid5($this->clientId(), $thing)->toString();
    }
}

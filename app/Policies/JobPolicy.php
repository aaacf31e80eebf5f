<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Person;

/** The shop's people see every job; putting the shop's name to one is for those who answer for it. */
final readonly class JobPolicy
{
    public function viewAny(Person $person): bool
    {
        return true;
    }

    public function view(Person $person, Job $job): bool
    {
        return true;
    }

    public function create(Person $person): bool
    {
        return true;
    }

    public function append(Person $person, Job $job): bool
    {
        return true;
    }

    public function handBack(Person $person, Job $job): bool
    {
        return $person->role->mayHandBack();
    }

    public function import(Person $person): bool
    {
        return $person->role->mayHandBack();
    }
}

<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Person;
use DustyJet\Worksheet\EntryKind;

/** The shop's people see every job; putting the shop's name to one is for those who answer for it. */
final readonly class JobPolicy
{
    /** What lets a machine go, or lets it go unproved. */
    private const CLOSES = [EntryKind::HandedBack, EntryKind::ReturnedUnrepaired, EntryKind::StaleOverridden];

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

    public function log(Person $person, Job $job, EntryKind $kind): bool
    {
        return in_array($kind, self::CLOSES, true) ? $person->role->mayHandBack() : $this->append($person, $job);
    }

    public function import(Person $person): bool
    {
        return $person->role->mayHandBack();
    }
}

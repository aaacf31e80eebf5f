<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Person;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Auth\Access\Response;

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

    /** @param  Entry|null  $superseded what it takes back or corrects */
    public function log(Person $person, Job $job, EntryKind $kind, ?Entry $superseded = null): Response
    {
        return match (true) {
            $person->role->mayHandBack() => Response::allow(),
            in_array($kind, self::CLOSES, true) => Response::deny('An apprentice lets no machine go: ask a technician or the owner.'),
            $superseded !== null && $superseded->recorded_by !== $person->id => Response::deny(
                'An apprentice takes back what they logged themselves: ask a technician or the owner for the rest.',
            ),
            default => Response::allow(),
        };
    }

    /** A link hands the report to whoever has it. */
    public function share(Person $person, Job $job): bool
    {
        return $person->role->mayHandBack();
    }

    public function import(Person $person): bool
    {
        return $person->role->mayHandBack();
    }
}

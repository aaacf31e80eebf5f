<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Instrument;
use App\Models\Person;
use App\Models\Role;

/** Keys are the owner's to give and to take back. */
final readonly class InstrumentPolicy
{
    public function viewAny(Person $person): bool
    {
        return $person->role === Role::Owner;
    }

    public function create(Person $person): bool
    {
        return $person->role === Role::Owner;
    }

    public function update(Person $person, Instrument $instrument): bool
    {
        return $person->role === Role::Owner;
    }
}

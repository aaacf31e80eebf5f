<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Role;
use App\Models\SignIn;

/** One's own devices, and for the owner everybody's. */
final readonly class SignInPolicy
{
    public function update(Person $person, SignIn $signIn): bool
    {
        return $signIn->person_id === $person->id || $person->role === Role::Owner;
    }
}

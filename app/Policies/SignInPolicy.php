<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Role;
use App\Models\SignIn;
use Illuminate\Auth\Access\Response;

/** One's own devices, and for the owner everybody's; with the password, because a PIN is seen by who stands beside. */
final readonly class SignInPolicy
{
    public function update(Person $person, SignIn $signIn): Response
    {
        return match (true) {
            $signIn->person_id !== $person->id && $person->role !== Role::Owner => Response::deny('That is not a device of yours.'),
            default => SignIn::refusalOfPin() ?? Response::allow(),
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Role;
use App\Models\SignIn;
use Illuminate\Auth\Access\Response;

/** Who works here is the owner's to say, and with the password: a PIN is seen by who stands beside. */
final readonly class PersonPolicy
{
    public function viewAny(Person $person): Response
    {
        return match (true) {
            $person->role !== Role::Owner => Response::deny('Who works here is the owner\'s to say.'),
            default => SignIn::refusalOfPin() ?? Response::allow(),
        };
    }

    public function create(Person $person): Response
    {
        return $this->viewAny($person);
    }

    public function changeOwn(Person $person, Person $self): bool
    {
        return $person->is($self);
    }

    public function update(Person $person, Person $other): Response
    {
        return $this->viewAny($person);
    }
}

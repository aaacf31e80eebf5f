<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Instrument;
use App\Models\Person;
use App\Models\Role;
use App\Models\SignIn;
use Illuminate\Auth\Access\Response;

/** Keys are the owner's to give and to take back, and with the password: a PIN unlocks the bench, not the keys. */
final readonly class InstrumentPolicy
{
    public function viewAny(Person $person): Response
    {
        return match (true) {
            $person->role !== Role::Owner => Response::deny('The keys of instruments are the owner\'s to give.'),
            default => SignIn::refusalOfPin() ?? Response::allow(),
        };
    }

    public function create(Person $person): Response
    {
        return $this->viewAny($person);
    }

    public function update(Person $person, Instrument $instrument): Response
    {
        return $this->viewAny($person);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Password;
use App\Models\Person;
use App\Models\Role;
use App\Models\UnusablePerson;

/** The owner of a real shop, from whom all other people come. */
final readonly class MakeFirstOwner
{
    /** @throws UnusablePerson If there is an owner, the name is taken, or the password is no good. */
    public function __invoke(string $name, #[\SensitiveParameter] string $password): Person
    {
        $isOwned = Person::query()->where('role', Role::Owner)->where('is_demo', false)->exists();
        $isOwned && throw UnusablePerson::because('There is an owner: who comes next is added by them.');
        Person::refuseUnlessName($name);
        Password::refuseUnlessGood($password, $name);

        return Person::query()->create(['name' => $name, 'role' => Role::Owner, 'password' => $password]);
    }
}

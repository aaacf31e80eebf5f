<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Password;
use App\Models\Person;
use App\Models\Role;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use Illuminate\Support\Facades\DB;

/** Somebody new at the bench, with a password to begin with. */
final readonly class AddPerson
{
    /** @throws \App\Models\UnusablePerson */
    public function __invoke(Person $by, string $name, Role $role, #[\SensitiveParameter] string $password): Person
    {
        Person::refuseUnlessName($name);
        Password::refuseUnlessGood($password, $name);

        return DB::transaction(static function () use ($by, $name, $role, $password): Person {
            $person = Person::query()->create(['name' => $name, 'role' => $role, 'password' => $password]);
            SecurityEvent::note(SecurityEventKind::PersonAdded, $by, "{$name}, {$role->value}");

            return $person;
        });
    }
}

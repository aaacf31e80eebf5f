<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Role;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use Illuminate\Support\Facades\DB;

/** Another name, another role. What they signed before keeps the name it was signed with. */
final readonly class ChangePerson
{
    /** @throws \App\Models\UnusablePerson */
    public function __invoke(Person $by, Person $person, string $name, Role $role): void
    {
        DB::transaction(static function () use ($by, $person, $name, $role): void {
            Person::refuseUnlessName($name, $person);
            $role === Role::Owner || $person->refuseAsLastOwner();
            $person->name === $name || SecurityEvent::note(SecurityEventKind::PersonRenamed, $by, "{$person->name} to {$name}");
            $person->role === $role
                || SecurityEvent::note(SecurityEventKind::RoleChanged, $by, "{$name}, {$person->role->value} to {$role->value}");
            $person->update(['name' => $name, 'role' => $role]);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\Models\SignIn;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Somebody who left: out everywhere at once, and their name stays under what they signed. Or who comes again. */
final readonly class RetirePerson
{
    /** @throws \App\Models\UnusablePerson If they are the only owner. */
    public function __invoke(Person $by, Person $person): void
    {
        DB::transaction(static function () use ($by, $person): void {
            $person->refuseAsLastOwner();
            $person->update(['retired_at' => $person->retired_at ?? Date::now(), 'pin' => null]);
            SignIn::endAllOf($person);
            SecurityEvent::note(SecurityEventKind::PersonRetired, $by, $person->name);
        });
    }

    public function undo(Person $by, Person $person): void
    {
        DB::transaction(static function () use ($by, $person): void {
            $person->update(['retired_at' => null]);
            SecurityEvent::note(SecurityEventKind::PersonReturned, $by, $person->name);
        });
    }
}

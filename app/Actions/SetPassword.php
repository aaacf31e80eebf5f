<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Password;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\Models\SignIn;
use Illuminate\Support\Facades\DB;

/** Another password, one's own or that of somebody who forgot theirs. Every other device of theirs is signed out. */
final readonly class SetPassword
{
    /**
     * @param  SignIn|null  $here the device that stays signed in
     *
     * @throws \App\Models\UnusablePerson
     */
    public function __invoke(Person $by, Person $person, #[\SensitiveParameter] string $password, ?SignIn $here = null): void
    {
        Password::refuseUnlessGood($password, $person->name);
        DB::transaction(static function () use ($by, $person, $password, $here): void {
            $person->update(['password' => $password]);
            SignIn::endAllOf($person, $here);
            $isOwn = $by->is($person);
            SecurityEvent::note(
                $isOwn ? SecurityEventKind::PasswordChanged : SecurityEventKind::PasswordReset,
                $by,
                $isOwn ? '' : $person->name,
            );
        });
    }
}

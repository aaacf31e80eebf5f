<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\Models\SignIn;
use App\Models\UnusablePerson;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** By a PIN, where somebody is signed in already: theirs ends, and the clock of the password that was given here goes on. */
final readonly class SwitchPerson
{
    /** @throws UnusablePerson If it is not theirs, or was wrong too often. */
    public function __invoke(Person $person, #[\SensitiveParameter] string $pin): void
    {
        $before = SignIn::here();
        $mayTry = $before?->triesPin() === true && $person->hasPin();
        if ($before === null || ! $mayTry || ! Hash::check($pin, (string) $person->pin)) {
            SecurityEvent::note(SecurityEventKind::PinRefused, Person::signedIn(), $person->name);

            throw UnusablePerson::because(
                $mayTry
                    ? "That is not the PIN of {$person->name}."
                    : "{$person->name} signs in with the password here: there is no PIN, or it was wrong too often on this device.",
            );
        }
        DB::transaction(static function () use ($person, $before): void {
            Auth::login($person);
            $signIn = SignIn::begin($person, $before);
            $before->pinWasRight();
            $before->end();
            SecurityEvent::note(SecurityEventKind::Switched, $person, $signIn->device);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\Models\SignIn;
use App\Models\UnusablePerson;
use Illuminate\Support\Facades\Auth;

/** By name and password. */
final readonly class SignPersonIn
{
    /**
     * @param  array{name: string, password: string}  $credentials
     *
     * @throws UnusablePerson If they do not match.
     */
    public function __invoke(#[\SensitiveParameter] array $credentials): Person
    {
        if (! Auth::attempt($credentials)) {
            $known = Person::query()->where('name', $credentials['name'])->first();
            // What nobody is called may be a password in the wrong field.
            SecurityEvent::note(SecurityEventKind::SignInRefused, null, $known->name ?? 'a name that nobody has');

            throw UnusablePerson::because('That name and password do not match.');
        }
        $person = Person::signedIn();
        \assert($person !== null);
        $signIn = SignIn::begin($person);
        SecurityEvent::note(SecurityEventKind::SignedIn, $person, $signIn->device);

        return $person;
    }
}

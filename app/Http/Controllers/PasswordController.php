<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetPassword;
use App\Actions\SetPin;
use App\Http\Requests\PersonRequest;
use App\Models\Person;
use App\Models\SignIn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Passwords and PINs: one's own with the one that holds now, another's by the owner. */
final readonly class PasswordController
{
    public function update(PersonRequest $request, SetPassword $set, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('changeOwn', $by);
        $request->refuseUnlessCurrent($by);
        $set($by, $by, $request->password(), SignIn::here());

        return redirect()->route('me', [], 303)->with('said', 'Your password is changed. Every other device is signed out.');
    }

    public function pin(PersonRequest $request, SetPin $set, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('changeOwn', $by);
        $request->refuseUnlessCurrent($by);
        $set($by, $request->pin());

        return redirect()->route('me', [], 303)->with('said', $request->pin() === '' ? 'You have no PIN now.' : 'Your PIN is set.');
    }

    public function reset(
        PersonRequest $request,
        Person $person,
        SetPassword $set,
        #[CurrentUser] Person $by,
    ): RedirectResponse {
        Gate::authorize('update', $person);
        $set($by, $person, $request->password(), $by->is($person) ? SignIn::here() : null);

        return redirect()->route('people.index', [], 303)
            ->with('said', "{$person->name} has a new password and is signed out everywhere.");
    }
}

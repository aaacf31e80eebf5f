<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SwitchPerson;
use App\Http\Requests\PersonRequest;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\Models\SignIn;
use App\View\Pages\MePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;

/** Oneself and this device: who is at it, where else one is signed in. */
final readonly class MeController
{
    public function show(#[CurrentUser] Person $me): View
    {
        Gate::authorize('changeOwn', $me);
        $mine = SignIn::allOpen()->where('person_id', $me->id);

        $here = SignIn::here();
        $others = $here?->mayTryPin() === true ? Person::withPin() : new Collection;

        return view('people.me', ['page' => MePage::of($me, $others, $mine, $here)]);
    }

    /** Somebody else takes over a device where somebody is signed in. */
    public function switch(PersonRequest $request, SwitchPerson $switch, #[CurrentUser] Person $me): RedirectResponse
    {
        Gate::authorize('changeOwn', $me);
        $switch($request->person(), $request->pin());

        return redirect()->route('board', [], 303);
    }

    public function end(SignIn $signIn, #[CurrentUser] Person $me): RedirectResponse
    {
        Gate::authorize('update', $signIn);
        $signIn->end();
        SecurityEvent::note(SecurityEventKind::SignInEnded, $me, $signIn->device);

        return redirect()->route($signIn->person_id === $me->id ? 'me' : 'people.index', [], 303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddPerson;
use App\Actions\ChangePerson;
use App\Actions\RetirePerson;
use App\Http\Requests\PersonRequest;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SignIn;
use App\View\Pages\PeoplePage;
use App\View\Pages\SecurityPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Who works here. */
final readonly class PersonController
{
    public function index(): View
    {
        Gate::authorize('viewAny', Person::class);

        return view('people.index', ['page' => PeoplePage::of(Person::everyOne(), SignIn::allOpen())]);
    }

    public function store(PersonRequest $request, AddPerson $add, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('create', Person::class);
        $add($by, $request->name(), $request->role(), $request->password());

        return redirect()->route('people.index', [], 303);
    }

    public function update(
        PersonRequest $request,
        Person $person,
        ChangePerson $change,
        #[CurrentUser] Person $by,
    ): RedirectResponse {
        Gate::authorize('update', $person);
        $change($by, $person, $request->name(), $request->role());

        return redirect()->route('people.index', [], 303);
    }

    public function destroy(Person $person, RetirePerson $retire, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('update', $person);
        $retire($by, $person);

        return redirect()->route('people.index', [], 303);
    }

    public function restore(Person $person, RetirePerson $retire, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('update', $person);
        $retire->undo($by, $person);

        return redirect()->route('people.index', [], 303);
    }

    /** Who came in, was refused, changed what others may do. */
    public function events(Request $request): View
    {
        Gate::authorize('viewAny', Person::class);
        $before = $request->integer('before');

        return view('people.events', ['page' => SecurityPage::of(SecurityEvent::before($before > 0 ? $before : null))]);
    }
}

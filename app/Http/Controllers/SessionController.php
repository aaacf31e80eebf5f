<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignPersonIn;
use App\Http\Requests\SignInRequest;
use App\Http\Responses\PageResponse;
use App\Http\Sessions\KnownDevice;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\Models\Shop;
use App\Models\SignIn;
use App\Models\UnusablePerson;
use App\View\Pages\SignInPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    /** Who is signed in here, for a device that has kept something of theirs; with a token to send it. */
    public function show(#[CurrentUser] Person $person): JsonResponse
    {
        return response()->json([
            'person' => ['id' => $person->id, 'name' => $person->name],
            'token' => csrf_token(),
        ])->setCache(['no_store' => true]);
    }

    public function create(): PageResponse
    {
        return new PageResponse('sessions.create', SignInPage::of(Shop::name(), Person::ofTheDemo()), 'sign-in');
    }

    /** @throws ValidationException If name and password do not match. */
    public function store(SignInRequest $request, SignPersonIn $signIn): RedirectResponse
    {
        try {
            $person = $signIn($request->credentials());
        } catch (UnusablePerson $e) {
            throw ValidationException::withMessages(['name' => $e->getMessage()]);
        }

        return redirect()->intended('/')->withCookie(KnownDevice::of($request)->cookieWith($person));
    }

    public function destroy(Request $request): RedirectResponse
    {
        SignIn::here()?->end();
        SecurityEvent::note(SecurityEventKind::SignedOut, Person::signedIn());
        Auth::logout();
        $request->session()->invalidate();

        return redirect()->route('sign-in', [], 303);
    }
}

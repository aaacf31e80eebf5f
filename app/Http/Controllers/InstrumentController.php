<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RevokeInstrument;
use App\Http\Requests\StoreInstrumentRequest;
use App\Http\Requests\UpdateInstrumentRequest;
use App\Models\Instrument;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use App\View\Pages\InstrumentsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class InstrumentController
{
    public function index(): View
    {
        Gate::authorize('viewAny', Instrument::class);

        return view('instruments.index', ['page' => InstrumentsPage::of(array_values(Instrument::everyOne()->all()), session('key'))]);
    }

    /** The key is shown on the next page, once. */
    public function store(StoreInstrumentRequest $request): RedirectResponse
    {
        [$instrument, $key] = Instrument::register($request->name(), $request->measurand(), $request->channels());
        SecurityEvent::note(SecurityEventKind::InstrumentKeyMade, Person::signedIn(), $instrument->name);

        return redirect()->route('instruments.index', [], 303)->with('key', ['of' => $instrument->name, 'key' => $key]);
    }

    public function update(UpdateInstrumentRequest $request, Instrument $instrument): RedirectResponse
    {
        Gate::authorize('update', $instrument);
        $instrument->update($request->calibrated($instrument));

        return redirect()->route('instruments.index', [], 303);
    }

    public function destroy(Instrument $instrument, RevokeInstrument $revoke): RedirectResponse
    {
        Gate::authorize('update', $instrument);
        $revoke($instrument);
        SecurityEvent::note(SecurityEventKind::InstrumentRevoked, Person::signedIn(), $instrument->name);

        return redirect()->route('instruments.index', [], 303);
    }
}

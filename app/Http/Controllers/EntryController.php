<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendEntry;
use App\Http\Requests\StoreEntryRequest;
use App\Models\Job;
use App\Models\Person;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final readonly class EntryController
{
    public function store(
        StoreEntryRequest $request,
        Job $job,
        EntryKind $kind,
        #[CurrentUser] Person $by,
        AppendEntry $append,
    ): RedirectResponse {
        $append($job, $by, $request->clientId(), $request->draft(), $request->seen());

        return redirect()->to($request->returnTo($job), 303);
    }
}

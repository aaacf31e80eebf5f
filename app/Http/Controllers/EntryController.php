<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendEntry;
use App\Http\Requests\StoreEntryRequest;
use App\Http\Responses\LoggedResponse;
use App\Models\Job;
use DustyJet\Worksheet\EntryKind;

final readonly class EntryController
{
    public function store(
        StoreEntryRequest $request,
        Job $job,
        EntryKind $kind,
        AppendEntry $append,
    ): LoggedResponse {
        $append($job, $request->letter(), $request->draft());

        return new LoggedResponse($request->returnTo($job));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordHoldTest;
use App\Http\Requests\StoreHoldTestRequest;
use App\Models\Job;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final readonly class HoldTestController
{
    public function store(
        StoreHoldTestRequest $request,
        Job $job,
        #[CurrentUser] Person $by,
        RecordHoldTest $record,
    ): RedirectResponse {
        $record(
            $job,
            $by,
            $request->clientId(),
            $request->traceId(),
            $request->trace(),
            $request->rig(),
            $request->limits(),
            $request->arranged(),
            $request->seen(),
        );

        return redirect()->route('stations.show', [$job, 'bench-test', 'look' => 'hold'], 303);
    }
}

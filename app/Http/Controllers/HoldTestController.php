<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordHoldTest;
use App\Http\Requests\StoreHoldTestRequest;
use App\Http\Responses\LoggedResponse;
use App\Models\Job;

final readonly class HoldTestController
{
    public function store(
        StoreHoldTestRequest $request,
        Job $job,
        RecordHoldTest $record,
    ): LoggedResponse {
        $record(
            $job,
            $request->letter(),
            $request->traceId(),
            $request->trace(),
            $request->rig(),
            $request->limits(),
            $request->arranged(),
        );

        return new LoggedResponse(route('stations.show', [$job, 'bench-test', 'look' => 'hold']));
    }
}

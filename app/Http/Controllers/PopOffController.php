<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendEntry;
use App\Http\Requests\StorePopOffRequest;
use App\Http\Responses\LoggedResponse;
use App\Models\Job;

final readonly class PopOffController
{
    public function store(
        StorePopOffRequest $request,
        Job $job,
        AppendEntry $append,
    ): LoggedResponse {
        $append($job, $request->letter(), $request->draft());

        return new LoggedResponse(route('stations.show', [$job, 'bench-test', 'look' => 'pop_off']));
    }
}

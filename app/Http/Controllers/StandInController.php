<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartStandIn;
use App\Http\Requests\StoreStandInRequest;
use App\Models\Job;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final readonly class StandInController
{
    public function store(
        StoreStandInRequest $request,
        Job $job,
        #[CurrentUser] Person $by,
        StartStandIn $start,
    ): RedirectResponse {
        $start($job, $by, $request->scenario(), $request->setup(), $request->root());

        return redirect()->route('stations.show', [$job, 'bench-test'], 303);
    }
}

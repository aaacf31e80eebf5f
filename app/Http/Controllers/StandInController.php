<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartStandIn;
use App\Http\Requests\StoreStandInRequest;
use App\Http\Requests\UpdateStandInRequest;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use App\Models\PracticeSetting;
use DustyJet\Carburetor\Families;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class StandInController
{
    public function store(
        StoreStandInRequest $request,
        Job $job,
        #[CurrentUser] Person $by,
        StartStandIn $start,
    ): RedirectResponse {
        $run = $start($job, $by, $request->scenario(), $request->standing(), $request->root());

        return redirect()->to($run->page(), 303);
    }

    /** A screw of the virtual engine is turned, or its throttle moved; answered with what is heard. */
    public function update(UpdateStandInRequest $request, Job $job, LiveRun $run, Families $families): JsonResponse
    {
        Gate::authorize('append', $job);
        $run->practice($request->turned($run->setUp()->practice));

        return new JsonResponse(['heard' => PracticeSetting::of($run, $families)->heard()]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartStandIn;
use App\Http\Requests\StoreStandInRequest;
use App\Http\Requests\UpdateStandInRequest;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use App\Models\PracticeSetting;
use DustyJet\Carburetor\Families;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

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
        $run->practice($request->turned($run->setUp()->practice));

        return new JsonResponse(['heard' => PracticeSetting::of($run, $families)->heard()]);
    }

    /** What a stand-in asks: how the engine it is on stands. */
    public function show(Request $request, Families $families): JsonResponse
    {
        $instrument = $request->attributes->get(Instrument::class);
        $run = $instrument instanceof Instrument && $instrument->stands_in ? LiveRun::openOf($instrument) : null;

        return $run?->setUp()->practice === null
            ? new JsonResponse(['error' => 'no_run'], 409)
            : new JsonResponse(PracticeSetting::of($run, $families)->toArray());
    }
}

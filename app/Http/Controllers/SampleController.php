<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeSamples;
use App\Http\Requests\StoreSamplesRequest;
use App\Models\LiveRun;
use App\Models\PracticeSetting;
use DustyJet\Carburetor\Families;
use Illuminate\Http\JsonResponse;

final readonly class SampleController
{
    /** How the virtual engine stands that a stand-in is on. */
    public function show(StoreSamplesRequest $request, Families $families): JsonResponse
    {
        $instrument = $request->instrument();
        $run = $instrument->stands_in ? LiveRun::openOf($instrument) : null;

        return $run?->setUp()->practice === null
            ? new JsonResponse(['error' => 'no_run'], 409)
            : new JsonResponse(PracticeSetting::of($run, $families)->toArray());
    }

    public function store(StoreSamplesRequest $request, TakeSamples $take): JsonResponse
    {
        return new JsonResponse($take($request->instrument(), $request->body()));
    }
}

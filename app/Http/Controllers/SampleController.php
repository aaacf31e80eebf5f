<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeSamples;
use App\Http\Requests\StoreSamplesRequest;
use Illuminate\Http\JsonResponse;

final readonly class SampleController
{
    public function store(StoreSamplesRequest $request, TakeSamples $take): JsonResponse
    {
        return new JsonResponse($take($request->instrument(), $request->body()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordPhoto;
use App\Http\Requests\StorePhotoRequest;
use App\Http\Responses\LoggedResponse;
use App\Models\Job;
use App\Models\Photo;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final readonly class PhotoController
{
    public function store(
        StorePhotoRequest $request,
        Job $job,
        RecordPhoto $record,
    ): LoggedResponse {
        $record(
            $job,
            $request->letter(),
            $request->photoId(),
            $request->picture(),
            $request->station(),
            $request->caption(),
        );

        return new LoggedResponse(route('stations.show', [$job, $request->station()]));
    }

    public function show(Job $job, Photo $photo): Response
    {
        Gate::authorize('view', $job);
        abort_unless($photo->job_id === $job->id, 404);

        return response($photo->jpeg(), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Content-Disposition' => 'inline; filename="photo.jpg"',
        ]);
    }
}

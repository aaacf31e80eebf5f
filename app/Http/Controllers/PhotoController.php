<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordPhoto;
use App\Http\Requests\StorePhotoRequest;
use App\Models\Job;
use App\Models\Person;
use App\Models\Photo;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final readonly class PhotoController
{
    public function store(
        StorePhotoRequest $request,
        Job $job,
        #[CurrentUser] Person $by,
        RecordPhoto $record,
    ): RedirectResponse {
        $record(
            $job,
            $by,
            $request->clientId(),
            $request->photoId(),
            $request->picture(),
            $request->station(),
            $request->caption(),
            $request->seen(),
        );

        return redirect()->route('stations.show', [$job, $request->station()], 303);
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

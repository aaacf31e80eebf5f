<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ExportJob;
use App\Actions\ImportJob;
use App\Http\Requests\StoreJobFileRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final readonly class JobFileController
{
    public function show(Job $job, ExportJob $export): Response
    {
        Gate::authorize('view', $job);

        return new Response($export($job), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$job->number}.json\"",
        ]);
    }

    public function store(StoreJobFileRequest $request, ImportJob $import): RedirectResponse
    {
        $job = $import($request->contents());

        return redirect()->route('jobs.show', $job, 303);
    }
}

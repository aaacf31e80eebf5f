<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ExportJob;
use App\Actions\ImportJob;
use App\Http\Requests\StoreJobFileRequest;
use App\Models\Job;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final readonly class JobFileController
{
    public function show(Job $job, ExportJob $export, #[CurrentUser] Person $by): Response
    {
        Gate::authorize('view', $job);
        SecurityEvent::note(SecurityEventKind::JobExported, $by, $job->number);

        return new Response($export($job), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$job->number}.json\"",
        ]);
    }

    public function store(StoreJobFileRequest $request, ImportJob $import, #[CurrentUser] Person $by): RedirectResponse
    {
        $job = $import($request->contents());
        SecurityEvent::note(SecurityEventKind::JobImported, $by, $job->number);

        $sheet = redirect()->route('stations.show', [$job, $job->station], 303);

        return $job->numberInFile === null ? $sheet : $sheet->withErrors(
            "Another job here has the number {$job->numberInFile}: this one is {$job->number}. Write that on its tag.",
        );
    }
}

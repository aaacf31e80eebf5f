<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenJob;
use App\Http\Requests\StoreJobRequest;
use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\Models\Person;
use App\View\Pages\NewJobPage;
use DustyJet\Carburetor\Family;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class JobController
{
    public function create(Family $family): PageResponse
    {
        Gate::authorize('create', Job::class);

        return new PageResponse('jobs.create', NewJobPage::of($family), 'job');
    }

    public function store(StoreJobRequest $request, #[CurrentUser] Person $by, OpenJob $open): RedirectResponse
    {
        $job = $open($by, $request->clientId(), $request->intake());

        return redirect()->route('stations.show', [$job, 'as-found'], 303);
    }

    public function show(Job $job): RedirectResponse
    {
        Gate::authorize('view', $job);

        return redirect()->route('stations.show', [$job, $job->station]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenJob;
use App\Http\Requests\ShowLibraryRequest;
use App\Http\Requests\StoreJobRequest;
use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\Models\Person;
use App\View\Pages\LibraryPage;
use App\View\Pages\NewJobPage;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Guide;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class JobController
{
    public function create(
        ShowLibraryRequest $request,
        Families $families,
        Catalogue $catalogue,
        Guide $guide,
    ): PageResponse {
        Gate::authorize('create', Job::class);
        $family = $request->family();

        return $family === null
            ? new PageResponse('jobs.choose', LibraryPage::forNewJob($catalogue, $guide, $request->chosen()), 'job')
            : new PageResponse(
                'jobs.create',
                NewJobPage::of(
                    $families->of($family),
                    $catalogue,
                    $request->lately(),
                    $request->from() === null ? null : Job::query()->find($request->from()),
                    $request->isComeBack(),
                ),
                'job',
            );
    }

    public function store(
        StoreJobRequest $request,
        #[CurrentUser] Person $by,
        OpenJob $open,
        Catalogue $catalogue,
    ): RedirectResponse {
        $job = $open($by, $request->clientId(), $request->family(), $request->intake($catalogue), $request->findings());

        return redirect()->route('stations.show', [$job, $request->opensAt()], 303);
    }

    public function show(Job $job): RedirectResponse
    {
        Gate::authorize('view', $job);

        return redirect()->route('stations.show', [$job, $job->station]);
    }
}

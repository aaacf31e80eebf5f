<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShowStationRequest;
use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\View\Pages\SheetPage;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Facades\Gate;

final readonly class StationController
{
    public function show(ShowStationRequest $request, Job $job, Station $station, Family $family, Catalogue $catalogue): PageResponse
    {
        Gate::authorize('view', $job);

        return new PageResponse('jobs.show', SheetPage::of($job, $job->worksheet($family), $catalogue, $station, $request->screw(), $request->check()), 'job');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShowStationRequest;
use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\Models\Person;
use App\View\Pages\SheetPage;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;

final readonly class StationController
{
    public function show(ShowStationRequest $request, Job $job, Station $station, Families $families, Catalogue $catalogue, #[CurrentUser] Person $by): PageResponse
    {
        Gate::authorize('view', $job);

        return new PageResponse('jobs.show', SheetPage::of($job, $job->worksheet($families), $catalogue, $station, $request->screw(), $request->look(), $by->coached), 'job');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShowStationRequest;
use App\Http\Responses\PageResponse;
use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\Person;
use App\Models\StationRecords;
use App\View\Pages\SheetPage;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Balancing\Balancing;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;

final readonly class StationController
{
    public function show(
        ShowStationRequest $request,
        Job $job,
        Station $station,
        Families $families,
        Diagnoses $diagnoses,
        #[CurrentUser] Person $by,
    ): PageResponse {
        Gate::authorize('view', $job);
        $sheet = $job->worksheet($families);
        $isBalancing = Balancing::isInHand($sheet, $request->screw());
        $records = StationRecords::of($job, $sheet, $station, $isBalancing);
        $view = new SheetView($job, $sheet, $station, $records, $diagnoses, $request->look());
        $page = SheetPage::of($view, $request->screw(), $by->coached);

        return new PageResponse('jobs.show', $page, 'job');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShowStationRequest;
use App\Http\Responses\KeptPages;
use App\Http\Responses\PageResponse;
use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\Person;
use App\Models\SheetStamp;
use App\Models\StationRecords;
use App\View\Pages\SheetPage;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final readonly class StationController
{
    public function show(
        ShowStationRequest $request,
        Job $job,
        Station $station,
        #[CurrentUser] Person $by,
        KeptPages $pages,
    ): Response {
        Gate::authorize('view', $job);
        // What a sheet is printed with is made only when one is.
        $print = static fn (): PageResponse => new PageResponse(
            'jobs.show',
            self::page($request, $job->worksheet(resolve(Families::class)), $job, $station, resolve(Diagnoses::class), $by),
            'job',
        );
        $stamp = $pages->mayKeep($request) ? SheetStamp::of($job, $station, $by) : null;

        return $stamp === null ? $print()->toResponse($request) : $pages->answer($request, $by, $stamp->what, $print);
    }

    private static function page(
        ShowStationRequest $request,
        Worksheet $sheet,
        Job $job,
        Station $station,
        Diagnoses $diagnoses,
        Person $by,
    ): SheetPage {
        $isBalancing = Balancing::isInHand($sheet, $request->screw());
        $records = StationRecords::of($job, $sheet, $station, $isBalancing);
        $view = new SheetView($job, $sheet, $station, $records, $diagnoses, $request->look());

        return SheetPage::of($view, $request->screw(), $by->coached);
    }
}

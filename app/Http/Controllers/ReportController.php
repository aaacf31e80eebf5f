<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\Models\StationRecords;
use App\View\Pages\ReportPage;
use DustyJet\Carburetor\Families;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Facades\Gate;

final readonly class ReportController
{
    public function show(Job $job, Families $families, Catalogue $catalogue): PageResponse
    {
        Gate::authorize('view', $job);
        $sheet = $job->worksheet($families);
        $page = ReportPage::of($job, $sheet, StationRecords::ofReport($sheet)->trace, $catalogue);

        return new PageResponse('reports.show', $page, 'report');
    }
}

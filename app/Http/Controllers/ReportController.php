<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\Models\Shop;
use App\Models\StationRecords;
use App\View\Pages\ReportPage;
use DustyJet\Carburetor\Families;
use Illuminate\Support\Facades\Gate;

final readonly class ReportController
{
    public function show(Job $job, Families $families): PageResponse
    {
        Gate::authorize('view', $job);
        $sheet = $job->worksheet($families);
        $page = ReportPage::of($job, $sheet, StationRecords::ofReport($sheet)->trace, Shop::name());

        return new PageResponse('reports.show', $page, 'report');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PdfResponse;
use App\Models\Job;
use App\Models\StationRecords;
use App\View\Pages\ReportPage;
use DustyJet\Carburetor\Families;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Facades\Gate;

final readonly class ReportPdfController
{
    public function show(Job $job, Families $families, Catalogue $catalogue): PdfResponse
    {
        Gate::authorize('view', $job);
        $sheet = $job->worksheet($families);
        $page = ReportPage::of($job, $sheet, StationRecords::ofReport($sheet)->trace, $catalogue);

        return new PdfResponse('reports.pdf', $page, $job->number);
    }
}

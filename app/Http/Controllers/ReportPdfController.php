<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PdfResponse;
use App\Models\Job;
use App\View\Pages\ReportPage;
use DustyJet\Carburetor\Families;
use Illuminate\Support\Facades\Gate;

final readonly class ReportPdfController
{
    public function show(Job $job, Families $families): PdfResponse
    {
        Gate::authorize('view', $job);

        return new PdfResponse('reports.pdf', ReportPage::of($job, $job->worksheet($families)), $job->number);
    }
}

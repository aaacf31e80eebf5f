<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PdfResponse;
use App\Models\Job;
use DustyJet\Carburetor\Families;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Facades\Gate;

final readonly class ReportPdfController
{
    use PrintsReports;

    public function show(Job $job, Families $families, Catalogue $catalogue): PdfResponse
    {
        Gate::authorize('view', $job);

        return self::printed($job, $families, $catalogue);
    }
}

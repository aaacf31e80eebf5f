<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\Drawing;
use App\Http\Responses\PdfResponse;
use App\Models\Job;
use App\Models\Photo;
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

        return new PdfResponse('reports.pdf', $page, $job->number, self::drawings($page));
    }

    /** @return array<string, Drawing> */
    private static function drawings(ReportPage $page): array
    {
        $drawings = $page->chart === null ? [] : ['hold' => Drawing::ofView('reports.chart', ['chart' => $page->chart])];
        foreach ($page->runs as $i => $run) {
            $drawings["run-{$i}"] = Drawing::ofView('reports.mixture', ['run' => $run]);
        }
        $photos = Photo::query()->findMany(array_column($page->photos, 'id'), ['id']);
        foreach ($photos as $photo) {
            $drawings[$photo->id] = Drawing::ofJpeg($photo->jpeg());
        }

        return $drawings;
    }
}

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

/** A job's report on paper, with its pictures. */
trait PrintsReports
{
    private static function printed(Job $job, Families $families, Catalogue $catalogue): PdfResponse
    {
        $sheet = $job->worksheet($families);
        $page = ReportPage::of($job, $sheet, StationRecords::ofReport($sheet)->trace, $catalogue);

        return new PdfResponse('reports.pdf', $page, $job->number, self::drawings($page));
    }

    /** @return array<string, Drawing> */
    private static function drawings(ReportPage $page): array
    {
        $hold = $page->pictures->hold;
        $drawings = $hold === null ? [] : ['hold' => Drawing::ofView('reports.chart', ['chart' => $hold])];
        foreach ($page->pictures->runs as $i => $run) {
            $drawings["run-{$i}"] = Drawing::ofView('reports.mixture', ['run' => $run]);
        }
        foreach (Photo::query()->findMany(array_column($page->pictures->photos, 'id'), ['id']) as $photo) {
            $drawings[$photo->id] = Drawing::ofJpeg($photo->jpeg());
        }

        return $drawings;
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\Models\Shop;
use App\View\Report\BeforeAndAfter;
use App\View\Report\ReportHead;
use App\View\Report\ReportPictures;
use App\View\Report\ReportRecord;
use App\View\Report\ReportShare;
use App\View\Report\ReportStory;
use App\View\Report\ReportTests;
use App\View\Stations\HandBack\HandBackWork;
use App\View\Stations\HandBack\Papers;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Worksheet;

/** One page the customer can understand: what was wrong, what was measured, how it was left. */
final readonly class ReportPage
{
    /**
     * @param  list<BeforeAndAfter>  $pairs
     */
    private function __construct(
        public string $jobId,
        public string $title,
        public ReportHead $head,
        public ReportTests $tests,
        public ReportStory $story,
        public array $pairs,
        public string $advice,
        public ReportRecord $record,
        public string $sheetHref,
        public string $pdfHref,
        public ReportPictures $pictures,
        public ReportShare $share,
    ) {
    }

    /** @param  PressureTrace|null  $trace of the last hold test */
    public static function of(Job $job, Worksheet $sheet, ?PressureTrace $trace, Catalogue $catalogue): self
    {
        return new self(
            jobId: $job->id,
            title: "{$job->number} Report",
            head: ReportHead::of($job, $sheet, Shop::name()),
            tests: ReportTests::of($sheet),
            story: ReportStory::of($sheet, $catalogue),
            pairs: BeforeAndAfter::all($sheet),
            advice: $sheet->of(Proofs::class)->advice ?? HandBackWork::ADVICE,
            record: ReportRecord::of($sheet),
            sheetHref: route('stations.show', [$job, $job->station]),
            pdfHref: Papers::of($job)->pdf,
            pictures: ReportPictures::of($sheet, $trace),
            share: ReportShare::of($job),
        );
    }
}

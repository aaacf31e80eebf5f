<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Charts\StripChart;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Worksheet;

/** What of a report is looked at: the last hold test, the mixture runs, photos as it came and as it goes. */
final readonly class ReportPictures
{
    /**
     * @param  StripChart|null  $holdOnPhone the same chart for a phone
     * @param  list<ReportRun>  $runs
     * @param  list<ReportPhoto>  $photos
     */
    private function __construct(
        public ?StripChart $hold,
        public ?StripChart $holdOnPhone,
        public array $runs,
        public array $photos,
    ) {
    }

    /** @param  PressureTrace|null  $trace of the last hold test */
    public static function of(Worksheet $sheet, ?PressureTrace $trace): self
    {
        $hold = $sheet->of(Holds::class)->latest();
        $charts = $hold === null || $trace === null ? [] : StripChart::both($hold, $trace);

        return new self(
            $charts['wide'] ?? null,
            $charts['narrow'] ?? null,
            ReportRun::all($sheet),
            ReportPhoto::pair($sheet),
        );
    }
}

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
     * @param  list<ReportRun>  $runs
     * @param  list<ReportPhoto>  $photos
     */
    private function __construct(public ?StripChart $hold, public array $runs, public array $photos)
    {
    }

    /** @param  PressureTrace|null  $trace of the last hold test */
    public static function of(Worksheet $sheet, ?PressureTrace $trace): self
    {
        $hold = $sheet->of(Holds::class)->latest();

        return new self(
            $hold === null || $trace === null ? null : StripChart::wide($hold, $trace),
            ReportRun::all($sheet),
            ReportPhoto::pair($sheet),
        );
    }
}

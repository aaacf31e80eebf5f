<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Charts\MixtureChart;

/** The paper that a mixture run is drawn on: its curve, and what it says. */
final readonly class RunPaper
{
    /** @param  MixtureChart|null  $chart null while nothing was read */
    public function __construct(
        public string $title,
        public ?MixtureChart $chart,
        public ?MixtureChart $onPhone,
        public string $advice,
        public bool $outIsRicher,
    ) {
    }
}

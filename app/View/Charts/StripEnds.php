<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** Where a hold test ended and where the limit would have, with labels that do not lie on each other. */
final readonly class StripEnds
{
    private const APART = 20.0;

    private function __construct(
        public float $x,
        public float $y,
        public string $text,
        public string $time,
        public float $labelY,
        public string $limitText,
        public float $limitLabelY,
    ) {
    }

    public static function of(HoldRecord $hold, StripCurves $curves, StripPaper $paper): self
    {
        $per = $paper->unit->kilopascals();
        $y = $paper->heightOf($curves->fit['best'][StripCurves::END]);
        $limit = $curves->limit[count($curves->limit) - 1];
        $limitY = $paper->heightOf($limit);
        $wanted = $y + 8.0;
        $label = abs($wanted - $limitY) < self::APART ? $limitY + 22.0 : $wanted;

        return new self(
            x: $paper->x->at($curves->durationS),
            y: $y,
            text: Numbers::plain(abs($hold->outcome->course->endKpa) / $per, $hold->setup->isVacuum ? 1 : 2),
            time: Numbers::seconds($curves->durationS),
            labelY: min($paper->bottom() - 6.0, $label),
            limitText: Numbers::plain($limit / $per, 1),
            limitLabelY: max(14.0, $limitY + 4.0),
        );
    }
}

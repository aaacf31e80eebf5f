<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Charts\Gauge;
use App\View\Stations\SheetView;
use DustyJet\Worksheet\BenchTest\Holds;

/** The gauge of the bench: as it stood at the end of the last hold, or at rest while one is watched. */
final readonly class GaugePlate
{
    /** @param  bool  $isTapped whether readings are tapped in here */
    private function __construct(public Gauge $gauge, public GaugeEnd $reading, public bool $isTapped)
    {
    }

    /** Null where nothing is read off a gauge. */
    public static function at(BenchTab $tab, SheetView $view): ?self
    {
        $live = $view->records->gauges->live;
        $card = $view->sheet->family->card;
        $hold = $view->sheet->of(Holds::class)->latest();

        return match (true) {
            $live !== null && $tab->watches($live) => new self(
                Gauge::atRest($live->isVacuum(), $card, $live->isForPops()),
                GaugeEnd::of(null, null),
                false,
            ),
            $tab === BenchTab::Hold => new self(Gauge::of($hold, $card), GaugeEnd::of($hold, $view->records->trace), true),
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Worksheet\Screws\Screws;

/** An engine that may not run as it stands: why, and nothing to turn, read or rev until that is put right. */
final readonly class HeldWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  string  $finding by which it is held, to be said gone when it is; empty where something is in the way
     */
    private function __construct(public array $tabs, public string $notNow, public string $finding)
    {
    }

    /**
     * @param  string  $screw the tab or screw that was asked for
     * @param  string  $notNow why not, a sentence
     */
    public static function of(SheetView $view, string $screw, string $notNow): self
    {
        $screws = $view->sheet->of(Screws::class)->all;
        $isScrew = $screw === '' || isset($screws[$screw]);

        return new self(
            tabs: $screws === []
                ? []
                : RunTabs::of($view, ScrewTabs::of($view, $isScrew ? $screw : '', 'left '), $isScrew ? '' : $screw),
            notNow: $notNow,
            finding: $view->safety->against(MayRun::DEEDS)->id ?? '',
        );
    }

    public function view(): string
    {
        return 'stations.run.held';
    }
}

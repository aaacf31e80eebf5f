<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;

/** All screws of the carburetor at once: dials, charts, what moved and what is therefore to be set again. */
final readonly class TogetherWork implements StationWork
{
    use BesideTheDrawing;

    /** The name of its tab at Run. */
    public const TAB = 'all';

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<ScrewTogether>  $screws
     * @param  string  $order why in this order
     */
    private function __construct(public array $tabs, public array $screws, public string $order)
    {
    }

    public static function of(SheetView $view): self
    {
        $guidance = $view->sheet->family->guidance;
        $ordered = self::inOrder($view->sheet->of(Screws::class)->all, $guidance->tuning);

        return new self(
            tabs: RunTabs::of($view, ScrewTabs::of($view, '', 'left '), self::TAB),
            screws: array_map(
                static fn (AdjusterState $s): ScrewTogether => ScrewTogether::of($view, $s),
                $ordered,
            ),
            order: $guidance->tuningWhy,
        );
    }

    /**
     * @param  array<string, AdjusterState>  $all
     * @param  list<string>  $tuning
     *
     * @return list<AdjusterState>
     */
    private static function inOrder(array $all, array $tuning): array
    {
        $rank = array_flip($tuning);
        uksort($all, static fn (string $a, string $b): int => ($rank[$a] ?? PHP_INT_MAX) <=> ($rank[$b] ?? PHP_INT_MAX));

        return array_values($all);
    }

    /** Whether there is more than one to see. */
    public static function isFor(SheetView $view): bool
    {
        return count($view->sheet->of(Screws::class)->all) > 1;
    }

    public function view(): string
    {
        return 'stations.run.together';
    }
}

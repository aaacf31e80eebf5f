<?php

declare(strict_types=1);

namespace App\View\Stations\Screws;

use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;

/** Which screw is in hand at a station of screws, and the tabs that lead to the others. */
final readonly class ScrewTabs
{
    /** @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs */
    private function __construct(public AdjusterState $chosen, public array $tabs)
    {
    }

    /**
     * @param  string  $screw the one asked for; empty for the first that is open here
     * @param  string  $before what is said before a value
     */
    public static function of(SheetView $view, string $screw, string $before = ''): self
    {
        $all = $view->sheet->of(Screws::class)->all;
        $isOpen = static fn (AdjusterState $s): bool => self::value($s, $view->station) === null;
        $open = array_values(array_filter($all, $isOpen));
        $chosen = $all[$screw] ?? $open[0] ?? array_values($all)[0];
        $tabs = [];
        foreach ($all as $key => $state) {
            $tabs[] = [
                'key' => $key,
                'name' => str_replace([' screw', ' needle'], '', $state->adjuster->name),
                'note' => self::note(self::value($state, $view->station), $view->station, $before),
                'href' => $view->to($view->station, screw: $key),
                'selected' => $state === $chosen,
            ];
        }

        return new self($chosen, $tabs);
    }

    /** What the station is there to find or set. */
    private static function value(AdjusterState $state, Station $station): ?Turns
    {
        return match ($station) {
            Station::AsFound => $state->found,
            Station::Set => $state->set,
            default => $state->left,
        };
    }

    private static function note(?Turns $turns, Station $station, string $before): string
    {
        return match (true) {
            $turns !== null => $before.Numbers::inTurns($turns),
            $station === Station::AsFound => 'to count',
            default => 'to set',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Intake\Ticket;

/** The screws of a run, and after them the balance of a bank. */
final readonly class RunTabs
{
    /**
     * @return list<array{key: string, name: string, note: string, href: string, selected: bool}>
     */
    public static function of(SheetView $view, ScrewTabs $screws, bool $isBalance = false): array
    {
        $bank = array_keys(Ticket::bankOf($view->sheet->bench));
        if ($bank === []) {
            return $screws->tabs;
        }
        $isDone = $view->sheet->of(Balancing::class)->isDone($bank);
        $tabs = array_map(
            static fn (array $t): array => [
                ...$t,
                'name' => ucfirst(str_replace([' mixture', 'Main '], '', $t['name'])),
                'selected' => $t['selected'] && ! $isBalance,
            ],
            $screws->tabs,
        );

        return [...$tabs, [
            'key' => Balancing::READING,
            'name' => 'Balance',
            'note' => $isDone ? 'even' : 'to do',
            'href' => $view->to(Station::Run, screw: Balancing::READING),
            'selected' => $isBalance,
        ]];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Numbers;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Governing\Governing;
use DustyJet\Worksheet\Idling\Idling;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Starting\Starting;

/** The first start, the screws of a run, and after them the balance of a bank and the governed speed. */
final readonly class RunTabs
{
    /**
     * @param  string  $inHand name of the tab that is no screw's; empty where a screw is in hand
     *
     * @return list<array{key: string, name: string, note: string, href: string, selected: bool}>
     */
    public static function of(SheetView $view, ScrewTabs $screws, string $inHand = ''): array
    {
        $bank = array_keys(Ticket::bankOf($view->sheet->bench));
        $isEven = $view->sheet->of(Balancing::class)->isDone($bank);
        $governed = $view->sheet->of(Governing::class)->latest;
        $idle = $view->sheet->of(Idling::class)->latest;
        $more = array_filter([
            TogetherWork::isFor($view) ? [TogetherWork::TAB, 'All', 'screws'] : null,
            $view->sheet->family->card->idleRpm !== null
                ? [Idling::TAB, 'At idle', $idle === null ? 'not read' : Numbers::rpm($idle->rpm)]
                : null,
            $bank === [] ? null : [Balancing::READING, 'Balance', $isEven ? 'even' : 'to do'],
            $view->sheet->family->card->isGoverned
                ? [Governing::TAB, 'Governed', $governed === null ? 'not read' : Numbers::rpm($governed->noLoadRpm)]
                : null,
        ]);
        $tabs = array_map(
            static fn (array $t): array => [
                ...$t,
                'name' => $bank === [] ? $t['name'] : ucfirst(str_replace([' mixture', 'Main '], '', $t['name'])),
                'selected' => $t['selected'] && $inHand === '',
            ],
            $screws->tabs,
        );

        $more = array_map(static fn (array $t): array => self::tab($view, $inHand, ...$t), array_values($more));

        return [self::tab($view, $inHand, ...self::start($view)), ...$tabs, ...$more];
    }

    /** @return array{key: string, name: string, note: string, href: string, selected: bool} */
    private static function tab(SheetView $view, string $inHand, string $key, string $name, string $note): array
    {
        return [
            'key' => $key,
            'name' => $name,
            'note' => $note,
            'href' => $view->to(Station::Run, screw: $key),
            'selected' => $inHand === $key,
        ];
    }

    /** @return array{0: string, 1: string, 2: string} */
    private static function start(SheetView $view): array
    {
        $latest = $view->sheet->of(Starting::class)->latest();

        return [Starting::TAB, 'Start', $latest === null ? 'not yet' : mb_strtolower($latest->outcome->title())];
    }
}

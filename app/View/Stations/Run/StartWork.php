<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Clean\ClockCard;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Worksheet\Clocks\ClockRecord;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\Starting\Starting;
use DustyJet\Worksheet\Starting\StartOutcome;
use DustyJet\Worksheet\Starting\StartTried;

/** The first start after the work: what to do in which order, what it did, and how long it has been warming. */
final readonly class StartWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<string>  $steps
     * @param  list<array{value: string, name: string}>  $outcomes
     * @param  list<string>  $tries what was tried so far, in words
     * @param  list<ClockCard>  $clocks
     * @param  string  $notNow why nothing may be started; empty when it may
     */
    private function __construct(
        public array $tabs,
        public array $steps,
        public string $advice,
        public bool $isStuck,
        public array $outcomes,
        public array $tries,
        public array $clocks,
        public string $notNow,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $starting = $view->sheet->of(Starting::class);
        $isWarmUp = static fn (ClockRecord $c): bool => $c->clock === Starting::CLOCK;
        $running = array_values(array_filter($view->sheet->of(Clocks::class)->running(), $isWarmUp));

        return new self(
            tabs: RunTabs::of($view, ScrewTabs::of($view, '', 'left '), Starting::TAB),
            steps: $view->sheet->family->guidance->starting,
            advice: $starting->advice(),
            isStuck: $starting->isStuck(),
            outcomes: array_map(
                static fn (StartOutcome $o): array => ['value' => $o->value, 'name' => $o->title()],
                StartOutcome::cases(),
            ),
            tries: array_map(self::said(...), $starting->tries),
            clocks: array_map(ClockCard::of(...), array_slice($running, -1)),
            notNow: MayRun::notNow($view),
        );
    }

    public function view(): string
    {
        return 'stations.run.start';
    }

    private static function said(StartTried $try): string
    {
        return ($try->pulls === null ? '' : "{$try->pulls} pulls: ").mb_strtolower($try->outcome->title());
    }
}

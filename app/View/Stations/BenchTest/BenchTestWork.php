<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Stations\BenchTest\Measures\CheckValveCard;
use App\View\Stations\BenchTest\Measures\DeliveryCard;
use App\View\Stations\BenchTest\Measures\FloatCard;
use App\View\Stations\BenchTest\Measures\LeakMapCard;
use App\View\Stations\BenchTest\Measures\LeverCard;
use App\View\Stations\BenchTest\Measures\PopOffCard;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\HasTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\TalksOfAPart;
use DustyJet\Diagnosis\Deed;

/** The bench: a tab for each test of the family with what it came to, and the one that is in hand. */
final readonly class BenchTestWork implements HasTabs, StationWork, TalksOfAPart
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, isShown: bool}>  $tabs
     * @param  list<TestRow>  $tests that are passed or failed in this tab
     */
    private function __construct(
        private BenchTab $shown,
        public array $tabs,
        public BenchCard $card,
        public array $tests,
        public ?GaugePlate $gauge,
        public ?LivePlate $live,
        public ?Unfolding $how,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $shown = BenchTab::shown($view);
        $tabs = array_map(static fn (BenchTab $tab): array => [
            'key' => $tab->value,
            'name' => $tab->label(),
            'note' => self::note($tab, $view),
            'href' => $view->to($view->station, look: $tab->value),
            'isShown' => $tab === $shown,
        ], BenchTab::of($view->sheet->family));

        return new self(
            $shown,
            $tabs,
            self::card($shown, $view),
            self::tests($shown, $view),
            GaugePlate::at($shown, $view),
            LivePlate::at($shown, $view),
            Unfolding::of($shown, $view),
        );
    }

    public function view(): string
    {
        return 'stations.bench-test.work';
    }

    public function part(): ?string
    {
        return match ($this->shown) {
            BenchTab::Hold, BenchTab::Leaks, BenchTab::PopOff => 'needle',
            BenchTab::Lever => 'lever',
            BenchTab::Float => 'float',
            BenchTab::CheckValve => 'nozzle',
            BenchTab::Delivery => 'inlet',
            BenchTab::Looks => null,
        };
    }

    public function shownTab(): string
    {
        return $this->shown->value;
    }

    /**
     * What turns the engine over is not passed or failed while something forbids to start it.
     *
     * @return list<TestRow>
     */
    private static function tests(BenchTab $tab, SheetView $view): array
    {
        $mayTurn = $tab !== BenchTab::Delivery || $view->safety->allows([Deed::Start]);

        return $mayTurn ? TestRow::all($view->sheet, $tab) : [];
    }

    private static function card(BenchTab $tab, SheetView $view): BenchCard
    {
        return match ($tab) {
            BenchTab::Hold => HoldCard::of($view),
            BenchTab::Leaks => LeakMapCard::of($view->sheet, $view->leaks),
            BenchTab::PopOff => PopOffCard::of($view->sheet),
            BenchTab::Lever => LeverCard::of($view->sheet),
            BenchTab::Float => FloatCard::of($view->sheet),
            BenchTab::CheckValve => CheckValveCard::of($view->sheet),
            BenchTab::Delivery => DeliveryCard::of($view->sheet, $view->safety->against([Deed::Start])),
            BenchTab::Looks => LooksCard::of($view->sheet),
        };
    }

    /** What a test came to, in a word or a number. */
    private static function note(BenchTab $tab, SheetView $view): string
    {
        return match ($tab) {
            BenchTab::Hold => HoldCard::note($view->sheet),
            BenchTab::Leaks => LeakMapCard::note($view->sheet, $view->leaks),
            BenchTab::PopOff => PopOffCard::note($view->sheet),
            BenchTab::Lever => LeverCard::note($view->sheet),
            BenchTab::Float => FloatCard::note($view->sheet),
            BenchTab::CheckValve => CheckValveCard::note($view->sheet),
            BenchTab::Delivery => DeliveryCard::note($view->sheet),
            BenchTab::Looks => LooksCard::note($view->sheet),
        };
    }
}

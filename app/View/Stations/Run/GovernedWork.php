<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\Models\RunPurpose;
use App\View\Numbers;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Governor\GovernedSpeed;
use DustyJet\Governor\Steadiness;
use DustyJet\Worksheet\Governing\Governing;

/** The governed speed: without load, under load, as a frequency where it drives a generator, and what to do about it. */
final readonly class GovernedWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{what: string, value: string}>  $facts
     * @param  list<array{value: string, name: string, selected: bool}>  $holds
     * @param  array{rpm: string, loaded: string, poles: string}  $typed
     */
    private function __construct(
        public array $tabs,
        public string $wanted,
        public array $facts,
        public string $advice,
        public bool $isStop,
        public array $holds,
        public array $typed,
        public RunLive $live,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $governing = $view->sheet->of(Governing::class);
        $wanted = $view->sheet->family->card->governedRpm() ?? [0.0, 0.0];
        $typed = $governing->typed;

        return new self(
            tabs: RunTabs::of($view, ScrewTabs::of($view, '', 'left '), Governing::TAB),
            wanted: Numbers::rpm($wanted[0]).' to '.Numbers::rpm($wanted[1]).' rpm without load',
            facts: $governing->latest === null ? [] : self::facts($governing->latest),
            advice: $governing->latest?->advice() ?? 'Warm, choke open, throttle at fast. Read it without load, then under a '
                .'known load; hold the governor arm by hand where it surges, and say what that did.',
            isStop: $governing->latest?->isOverSpeed() === true,
            holds: array_map(static fn (Steadiness $s): array => [
                'value' => $s->value, 'name' => $s->title(), 'selected' => $s->value === $typed?->holds,
            ], Steadiness::cases()),
            typed: [
                'rpm' => '',
                'loaded' => '',
                'poles' => $typed?->poles === null ? '' : (string) $typed->poles,
            ],
            live: RunLive::of($view, RunPurpose::Speed),
        );
    }

    public function view(): string
    {
        return 'stations.run.governed';
    }

    /** @return list<array{what: string, value: string}> */
    private static function facts(GovernedSpeed $speed): array
    {
        $hertz = static fn (?float $hz): string => $hz === null ? '' : ', '.Numbers::short($hz, 1).' Hz';
        $facts = [['what' => 'Without load', 'value' => Numbers::rpm($speed->noLoadRpm).' rpm'.$hertz($speed->noLoadHz())]];
        if ($speed->fullLoadRpm !== null) {
            $facts[] = ['what' => 'Under load', 'value' => Numbers::rpm($speed->fullLoadRpm).' rpm'.$hertz($speed->fullLoadHz())];
            $facts[] = ['what' => 'Droop', 'value' => Numbers::short(100.0 * ($speed->droop() ?? 0.0), 1).' %'];
        }

        return $facts;
    }
}

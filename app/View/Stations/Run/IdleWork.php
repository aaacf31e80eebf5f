<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\Models\RunPurpose;
use App\View\Numbers;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Governor\IdleManner;
use DustyJet\Worksheet\Idling\Idling;

/** The idle as it is read and heard: where it belongs and why, and what to do about it. */
final readonly class IdleWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{value: string, name: string}>  $manners each a key that logs the speed with it
     */
    private function __construct(
        public array $tabs,
        public string $wanted,
        public string $target,
        public string $last,
        public string $advice,
        public bool $isStop,
        public array $manners,
        public RunLive $live,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $card = $view->sheet->family->card;
        $wanted = $card->idleRpm ?? [0.0, 0.0];
        $latest = $view->sheet->of(Idling::class)->latest;

        return new self(
            tabs: RunTabs::of($view, ScrewTabs::of($view, '', 'left '), Idling::TAB),
            wanted: Numbers::rpm($wanted[0]).' to '.Numbers::rpm($wanted[1]).' rpm',
            target: ucfirst($card->drive->target()).'.',
            last: $latest === null ? '' : Numbers::rpm($latest->rpm).' rpm, '.mb_strtolower($latest->manner->title()),
            advice: $latest?->advice() ?? 'Warm, choke open, mixture set. Read it, say how it runs.',
            isStop: $latest?->isDangerous() === true,
            manners: array_map(
                static fn (IdleManner $m): array => ['value' => $m->value, 'name' => $m->title()],
                IdleManner::with($card->drive),
            ),
            live: RunLive::of($view, RunPurpose::Speed),
        );
    }

    public function view(): string
    {
        return 'stations.run.idle';
    }
}

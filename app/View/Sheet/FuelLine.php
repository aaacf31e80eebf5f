<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Staleness;

/** The stations of a job along the fuel line, and the way to those beside this one. */
final readonly class FuelLine
{
    /** @param  list<Fitting>  $fittings */
    private function __construct(
        public array $fittings,
        public string $here,
        public string $note,
        public ?string $previousHref,
        public ?string $nextHref,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $station = $view->station;
        $fittings = Fitting::line($view);
        $to = static fn (?Station $s): ?string => $s === null ? null : $view->to($s);
        $stale = count($view->sheet->of(Staleness::class)->items());
        $note = $fittings[$station->number() - 1]->note;

        return new self(
            fittings: $fittings,
            here: "{$station->number()}. {$station->label()}",
            note: $stale === 0 ? $note : "{$note}, {$stale} to re-check",
            previousHref: $to($station->previous()),
            nextHref: $to($station->next()),
        );
    }
}

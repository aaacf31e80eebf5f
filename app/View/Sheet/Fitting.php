<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\StationState;

/** One station on the fuel line. */
final readonly class Fitting
{
    private function __construct(
        public string $href,
        public string $name,
        public string $shortly,
        public string $note,
        public string $state,
        public string $hose,
        public string $label,
        public bool $isHere,
    ) {
    }

    /** @return list<self> */
    public static function line(SheetView $view): array
    {
        $sheet = $view->sheet;
        $reached = $sheet->station()->number();
        $fittings = [];
        foreach (Station::cases() as $station) {
            $state = $sheet->stations[$station->value];
            $note = self::note($state);
            $kind = $station === $view->station ? 'here' : self::kind($state);
            $fittings[] = new self(
                href: $view->to($station),
                name: $station->label(),
                shortly: self::shortly($station),
                note: $note,
                state: $kind,
                hose: self::hose($state, $station->number() <=> $reached),
                label: "{$station->number()} {$station->label()}: ".self::said($kind, $state).", {$note}",
                isHere: $station === $view->station,
            );
        }

        return $fittings;
    }

    /** As short as nine of them fit on a phone. */
    private static function shortly(Station $station): string
    {
        return match ($station) {
            Station::AsFound => 'Found',
            Station::BenchTest => 'Test',
            Station::Clean => 'Clean',
            Station::HandBack => 'Back',
            default => $station->label(),
        };
    }

    private static function note(StationState $state): string
    {
        return match (true) {
            $state->stale > 0 => "re-check {$state->stale}",
            $state->of === 0 => 'nothing here',
            $state->doneAt !== null => Numbers::clock($state->doneAt),
            $state->of > 1 && $state->done > 0 => "{$state->done} of {$state->of}",
            default => "{$state->minutes} min",
        };
    }

    private static function kind(StationState $state): string
    {
        return match (true) {
            $state->stale > 0 => 'stale',
            $state->isDone() => 'done',
            default => 'todo',
        };
    }

    /** @param  int  $side below zero before the station that was reached, above zero after it */
    private static function hose(StationState $state, int $side): string
    {
        return match (true) {
            $side < 0 || $state->isDone() => 'wet',
            $side === 0 => 'half',
            default => 'dry',
        };
    }

    private static function said(string $kind, StationState $state): string
    {
        return match ($kind) {
            'here' => 'open now',
            'stale' => 'must be re-checked',
            'done' => 'done',
            default => $state->done > 0 ? 'begun' : 'not started',
        };
    }
}

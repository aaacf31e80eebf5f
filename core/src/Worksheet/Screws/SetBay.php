<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Worksheet;

final readonly class SetBay implements Bay
{
    public function station(): Station
    {
        return Station::Set;
    }

    /**
     * A screw that was left at Run is set, whether or not it was ever set to the book. A stop screw beside others is
     * set by the idle it gives, at Run.
     */
    public function progress(Bench $bench): Progress
    {
        $screws = $bench->of(Screws::class);

        return new Progress(
            count(array_filter(self::asked($screws), static fn (AdjusterState $s): bool => $s->set !== null)),
            count(self::asked($screws)),
            $bench->touchedAt(Station::Set) ?? $bench->touchedAt(Station::Run),
        );
    }

    public function moves(Worksheet $sheet): array
    {
        $moves = [];
        if (! Machine::on($sheet->bench)->isWhole()) {
            return [];
        }
        $screws = $sheet->of(Screws::class);
        foreach (self::asked($screws) as $key => $state) {
            if ($state->set === null) {
                $turns = $state->start();
                $why = $turns->isSameAs($state->adjuster->book->turns)
                    ? "A place to start: {$state->adjuster->book->provenance}. The running engine decides."
                    : 'Its limiter cap does not let it go to the book. The running engine decides.';
                $why .= self::beside($screws, $state);
                $moves[] = new Move(Station::Set, self::base($state), $why, 2, 'set', $key);
            }
        }

        return $moves;
    }

    private static function base(AdjusterState $state): string
    {
        $name = InSentence::name($state->adjuster->name);

        return $state->adjuster->datum()->countsIn()
            ? "Turn the {$name} in until it touches, then {$state->start()} further in"
            : "Set the {$name} to {$state->start()}";
    }

    /** Where a stop screw starts, said with a screw beside it: it is not asked for by itself. */
    private static function beside(Screws $screws, AdjusterState $state): string
    {
        $said = '';
        foreach ($state->adjuster->isMixture ? $screws->all : [] as $other) {
            $said .= $other->adjuster->isMixture || $other->set !== null ? '' : ' '.self::base($other).'.';
        }

        return $said;
    }

    /** @return array<string, AdjusterState> */
    private static function asked(Screws $screws): array
    {
        return $screws->mixture() === [] ? $screws->all : $screws->mixture();
    }

    public function gates(Worksheet $sheet): array
    {
        return [];
    }
}

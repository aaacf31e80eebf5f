<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

final readonly class RunBay implements Bay
{
    public function station(): Station
    {
        return Station::Run;
    }

    public function progress(Bench $bench): Progress
    {
        $screws = $bench->of(Screws::class);
        $left = $screws->count(static fn (AdjusterState $s): bool => $s->left !== null);

        return new Progress($left, count($screws->all), $bench->touchedAt(Station::Run));
    }

    public function moves(Worksheet $sheet): array
    {
        $open = array_filter($sheet->of(Screws::class)->all, static fn (AdjusterState $s): bool => $s->left === null);

        return array_values(array_map(self::move(...), $open));
    }

    public function gates(Worksheet $sheet): array
    {
        return $sheet->stations[Station::Run->value]->isDone() ? [] : ['The screws are not logged as left.'];
    }

    private static function move(AdjusterState $state): Move
    {
        return match (true) {
            ! $state->adjuster->isMixture => self::idleSpeed($state),
            $state->readings === [] => self::firstReading($state),
            default => self::nextReading($state),
        };
    }

    private static function idleSpeed(AdjusterState $state): Move
    {
        $why = 'Last of all: the mixture moves it.';

        return new Move(Station::Run, 'Set the idle speed, log it', $why, 2, 'leave', $state->adjuster->key);
    }

    private static function firstReading(AdjusterState $state): Move
    {
        $why = 'Two minutes warm, then the '.InSentence::name($state->adjuster->name).' from the lean side.';
        $do = "Warm it up, log rpm at {$state->current()}";

        return new Move(Station::Run, $do, $why, 4, 'read', $state->adjuster->key);
    }

    private static function nextReading(AdjusterState $state): Move
    {
        $result = RunSoFar::judged($state);
        $now = $state->current()?->inTurns();
        if ($result->done || $result->nextTurns === null) {
            $answer = Turns::nearestEighthTo($result->recommendedTurns ?? $now ?? 1.0);
            $do = 'Leave the '.InSentence::name($state->adjuster->name)." at {$answer}";

            return new Move(Station::Run, $do, $result->reason->sentence(), 1, 'leave', $state->adjuster->key);
        }
        $next = Turns::nearestEighthTo($result->nextTurns);
        $do = 'Turn it '.($next->inTurns() > ($now ?? 0.0) ? 'out' : 'in')." to {$next}. Log the rpm.";

        return new Move(Station::Run, $do, $result->reason->sentence(), 1, 'read', $state->adjuster->key);
    }
}

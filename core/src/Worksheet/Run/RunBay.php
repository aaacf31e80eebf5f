<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Deed;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\NextReason;
use DustyJet\Mixture\School;
use DustyJet\Worksheet\Balancing\BalanceMoves;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Bay;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Governing\Governing;
use DustyJet\Worksheet\Idling\Idling;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Progress;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Starting\Starting;
use DustyJet\Worksheet\Worksheet;

final readonly class RunBay implements Bay
{
    /** At full throttle too, where H or the main needle is in hand. */
    private const RUNS = [Deed::Start, Deed::Run, Deed::FullThrottle];

    public function station(): Station
    {
        return Station::Run;
    }

    public function progress(Bench $bench): Progress
    {
        $screws = $bench->of(Screws::class);
        $left = $screws->count(static fn (AdjusterState $s): bool => self::isLeft($s, $bench));
        $bank = array_keys(Ticket::bankOf($bench));
        $balanced = $bank !== [] && $bench->of(Balancing::class)->isDone($bank) ? 1 : 0;
        $asked = count($screws->all) + ($bank === [] ? 0 : 1);

        return new Progress($left + $balanced, $asked, $bench->touchedAt(Station::Run));
    }

    public function moves(Worksheet $sheet): array
    {
        if (! Machine::on($sheet->bench)->isWhole()) {
            return [];
        }
        $open = array_filter(
            $sheet->of(Screws::class)->all,
            static fn (AdjusterState $s): bool => ! self::isLeft($s, $sheet->bench),
        );

        $card = $sheet->family->card;
        if ($sheet->of(Starting::class)->isStuck()) {
            return [self::doesNotStart($sheet)];
        }

        return $open === []
            ? BalanceMoves::on($sheet)
            : array_map(fn (AdjusterState $s): Move => self::move($s, $card, $sheet), self::inOrder($open, $sheet));
    }

    /** What comes before everything else: a screw that runs the engine too lean, or over its maximum. */
    public static function stop(Worksheet $sheet): ?Move
    {
        $card = $sheet->family->card;
        if (! Machine::on($sheet->bench)->isWhole()) {
            return null;
        }
        $governed = $sheet->of(Governing::class)->latest;
        if ($governed?->isOverSpeed() === true) {
            $do = 'Stop. It runs far over its governed speed';

            return new Move(Station::Run, $do, $governed->advice(), 5, 'governed', Governing::TAB);
        }
        $idle = $sheet->of(Idling::class)->latest;
        if ($idle?->isDangerous() === true) {
            return new Move(Station::Run, 'Stop. It drives at idle', $idle->advice(), 5, 'idle', Idling::TAB);
        }
        foreach ($sheet->of(Screws::class)->all as $state) {
            $isRead = $state->left === null && $state->readings !== [];
            if ($isRead && RunSoFar::judged($state, $card)->reason->isStop()) {
                return self::nextReading($state, $card);
            }
        }

        return null;
    }

    public function gates(Worksheet $sheet): array
    {
        $screws = $sheet->of(Screws::class);
        $isLeft = $screws->count(static fn (AdjusterState $s): bool => self::isLeft($s, $sheet->bench)) === count($screws->all);
        $bank = array_keys(Ticket::bankOf($sheet->bench));
        $isBalanced = $bank === [] || $sheet->of(Balancing::class)->isDone($bank);

        return array_values(array_filter([
            $isLeft ? null : 'The screws are not logged as left.',
            $isBalanced ? null : 'The bank is not balanced.',
        ]));
    }

    /**
     * By the card; what it does not name comes after.
     *
     * @param  array<string, AdjusterState>  $open
     *
     * @return list<AdjusterState>
     */
    private static function inOrder(array $open, Worksheet $sheet): array
    {
        $ordered = [];
        foreach ([...$sheet->family->guidance->tuning, ...array_keys($open)] as $key) {
            $ordered = isset($open[$key]) ? [...$ordered, $key => $open[$key]] : $ordered;
        }

        return array_values($ordered);
    }

    private static function move(AdjusterState $state, Card $card, Worksheet $sheet): Move
    {
        return match (true) {
            ! $state->adjuster->isMixture => self::idleSpeed($state, $card),
            $state->readings === [] => self::firstReading($state, $sheet->family->guidance->tuningWhy),
            default => self::nextReading($state, $card),
        };
    }

    /** A stop screw is set by the idle it gives: where that was read, nobody need count its turns. */
    private static function isLeft(AdjusterState $state, Bench $bench): bool
    {
        return $state->left !== null || (! $state->adjuster->isMixture && $bench->of(Idling::class)->latest !== null);
    }

    private static function idleSpeed(AdjusterState $state, Card $card): Move
    {
        $why = 'Last of all: the mixture moves it.';
        if ($card->idleRpm !== null) {
            $why .= ' '.ucfirst($card->drive->target()).'.';

            return new Move(Station::Run, 'Set the idle speed, log its rpm', $why, 2, 'idle_set', Idling::TAB, self::RUNS);
        }

        return new Move(
            Station::Run, 'Set the idle speed, log it', $why, 2, 'leave', $state->adjuster->key, self::RUNS,
        );
    }

    private static function firstReading(AdjusterState $state, string $order): Move
    {
        $side = $state->school === School::Flutter ? 'rich' : 'lean';
        $why = 'Two minutes warm, then the '.InSentence::name($state->adjuster->name)." from the {$side} side.".($order === '' ? '' : " {$order}");
        $do = "Warm it up, log rpm at {$state->current()}";

        return new Move(Station::Run, $do, $why, 4, 'read', $state->adjuster->key, self::RUNS);
    }

    /** Whether it must go richer and its limiter cap does not let it: no setting is left to offer. */
    private static function isCaught(MixtureResult $result, AdjusterState $state): bool
    {
        $now = $state->current();
        $next = $result->nextTurns === null ? null : $state->adjuster->book->step->nearestStepTo($result->nextTurns);
        $staysThere = $next === null || $now !== null && $next->isSameAs($now);
        $isRichSide = $state->school === School::Flutter;

        return $state->caps !== null && $staysThere && match (true) {
            $result->reason->isStop() => true,
            default => $isRichSide && $result->reason === NextReason::AtItsCap && $result->answer === null,
        };
    }

    private static function doesNotStart(Worksheet $sheet): Move
    {
        $why = $sheet->of(Starting::class)->advice();

        return new Move(Station::Intake, 'It does not start. Find why before another pull', $why, 5, 'look');
    }

    private static function findWhy(MixtureResult $result): Move
    {
        $do = 'Stop. Its cap lets it go no richer: find what makes it lean';
        $why = "{$result->reason->sentence()} An air leak or a blocked jet comes before a cap.";

        return new Move(Station::Intake, $do, $why, 5, 'look');
    }

    private static function nextReading(AdjusterState $state, Card $card): Move
    {
        $result = RunSoFar::judged($state, $card);
        $step = $state->adjuster->book->step;
        $now = $state->current()?->inTurns();
        if (self::isCaught($result, $state)) {
            return self::findWhy($result);
        }
        if ($result->done || $result->nextTurns === null) {
            $answer = $step->nearestStepTo($result->answer->turns ?? $now ?? 1.0);
            $do = 'Leave the '.InSentence::name($state->adjuster->name)." at {$answer}";

            return new Move(
                Station::Run, $do, $result->reason->sentence(), 1, 'leave', $state->adjuster->key, self::RUNS,
            );
        }
        $next = $step->nearestStepTo($result->nextTurns);
        $do = ($result->reason->isStop() ? 'Stop. Turn it ' : 'Turn it ')
            .($next->inTurns() > ($now ?? 0.0) ? 'out' : 'in')." to {$next}. Log the rpm.";

        return new Move(
            Station::Run, $do, $result->reason->sentence(), 1, 'read', $state->adjuster->key, self::RUNS,
        );
    }
}

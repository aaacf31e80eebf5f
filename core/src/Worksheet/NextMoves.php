<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Deed;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\Repair;
use DustyJet\Diagnosis\Safety;
use DustyJet\Worksheet\Run\RunBay;
use DustyJet\Worksheet\Stale\StaleItem;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Waits\Wait;
use DustyJet\Worksheet\Waits\Waits;

/**
 * The moves worth making now, best first: what the earliest unfinished station needs, then what must be done again
 * before the stations that rest on it, then the stations after.
 *
 * @internal
 */
final readonly class NextMoves
{
    private function __construct(
        private Worksheet $sheet,
        private ?Diagnosis $diagnosis,
        private ?Safety $safety,
    ) {
    }

    /** @return list<Move> */
    public static function from(Worksheet $sheet, ?Diagnosis $diagnosis = null, ?Safety $safety = null): array
    {
        return $sheet->handedBackAt !== null ? [] : (new self($sheet, $diagnosis, $safety))->best();
    }

    /** @return list<Move> */
    private function best(): array
    {
        $moves = $this->beforeTheCarburetor();
        foreach (Station::cases() as $station) {
            $moves = [...$moves, ...$this->rechecksBefore($station)];
            if (! $this->sheet->stations[$station->value]->isDone()) {
                $moves = [...$moves, ...$this->allowed(Bays::at($station)->moves($this->sheet))];
            }
            if (count($moves) >= Move::MOST) {
                break;
            }
        }

        $wait = $this->sheet->of(Waits::class)->now;
        if ($wait !== null) {
            array_unshift($moves, self::waiting($wait, $this->sheet->station()));
        }
        // A stop says to run on richer: what forbids to run comes before it.
        $stop = $this->allowed(array_filter([RunBay::stop($this->sheet)]))[0] ?? null;
        if ($stop !== null) {
            $isOther = static fn (Move $m): bool => [$m->key, $m->target] !== [$stop->key, $stop->target];

            return array_slice([$stop, ...array_filter($moves, $isOther)], 0, Move::MOST);
        }
        $aim = $wait === null ? $this->opening() : null;
        if ($aim !== null && $moves !== []) {
            $moves[0] = $moves[0]->toward("{$aim->name}: {$aim->do}. Before that:");
        }

        return array_slice($moves, 0, Move::MOST);
    }

    private static function waiting(Wait $wait, Station $station): Move
    {
        $until = $wait->until === null ? '' : ' Promised for '.$wait->until->format('M j').'.';
        $why = "It lies since {$wait->since->format('M j')}.{$until} What needs none of it can go on.";

        return new Move($station, "Waits for {$wait->said()}", $why, 1, 'wait', $wait->for->value);
    }

    /** The repair that comes next where that opens the carburetor: what the stations ask for is the way to it. */
    private function opening(): ?Repair
    {
        $diagnosis = $this->diagnosis;
        $repair = $diagnosis?->nextCheck() === null ? $diagnosis->plan[0] ?? null : null;

        return $repair?->opensCarburetor === true ? $repair : null;
    }

    /**
     * What something found forbids is not proposed; where nothing else is left, that comes first.
     *
     * @param  list<Move>  $moves
     *
     * @return list<Move>
     */
    private function allowed(array $moves): array
    {
        $forbidden = $this->safety === null || $moves === [] ? null : $this->safety->against($moves[0]->does);
        if ($forbidden === null) {
            $safe = fn (Move $m): bool => $this->safety === null || $this->safety->allows($m->does);

            return array_values(array_filter($moves, $safe));
        }
        $do = ucfirst($forbidden->because).': cure that first, then say it is gone';

        return [new Move(Station::Intake, $do, 'Nothing is run while that stands.', 5, 'danger', $forbidden->id)];
    }

    /**
     * What the diagnosis would rather have done than open the carburetor: until that is begun, its check or repair
     * comes first.
     *
     * @return list<Move>
     */
    private function beforeTheCarburetor(): array
    {
        if ($this->diagnosis === null) {
            return [];
        }
        $ranked = $this->diagnosis->nextCheck();

        return $ranked === null ? $this->repair($this->diagnosis) : $this->look($ranked);
    }

    /** @return list<Move> */
    private function look(RankedCheck $ranked): array
    {
        if ($ranked->check->needs->opensCarburetor) {
            return [];
        }
        $saves = (int) round($ranked->gain);
        $worth = $saves > 0 ? "Saves {$saves} minutes on average. " : 'Worth its minutes. ';
        $minutes = (int) ceil($ranked->minutes);

        return [
            new Move(
                Station::Intake,
                $ranked->check->do,
                $worth.$this->tells($ranked),
                $minutes,
                'look',
                $ranked->check->id,
                $ranked->check->needs->does,
            ),
        ];
    }

    private function tells(RankedCheck $ranked): string
    {
        $leader = $this->diagnosis?->leader();

        return $leader !== null && $ranked->canChangeLeader($leader->fault->id)
            ? 'Its answer can change what leads the suspects.'
            : 'It will not change what leads the suspects, but may show a second fault.';
    }

    /** @return list<Move> */
    private function repair(Diagnosis $diagnosis): array
    {
        $repair = $diagnosis->plan[0] ?? null;
        $isDone = $repair !== null && in_array($repair->id, $diagnosis->case->repaired, true);
        if ($repair === null || $isDone || $repair->opensCarburetor || $repair->fault?->part === 'mixscrew') {
            return [];
        }
        $why = $diagnosis->paying === []
            ? "{$repair->name} is the likeliest for its minutes, and no check would pay any more."
            : "{$repair->name} is the likeliest for its minutes: trying it is quicker than looking further first.";
        $minutes = (int) ceil($repair->minutes);

        $does = $repair->fault?->cure->does ?? [];

        return [new Move(Station::Intake, $repair->do, $why, $minutes, 'repair', $repair->id, $does)];
    }

    /**
     * What went stale on the bench is tested again once the carburetor is whole, before a screw is set; what went
     * stale on the running engine, before the proof.
     *
     * @return list<Move>
     */
    private function rechecksBefore(Station $station): array
    {
        return match (true) {
            $station === Station::Set && $this->sheet->of(Parts::class)->isWhole() => $this->rechecks(
                Station::BenchTest,
            ),
            $station === Station::HandBack && Machine::on($this->sheet->bench)->isWhole() => $this->allowed(
                $this->rechecks(Station::Run),
            ),
            default => [],
        };
    }

    /** @return list<Move> */
    private function rechecks(Station $station): array
    {
        return array_map(self::recheck(...), $this->sheet->of(Staleness::class)->at($station));
    }

    private static function recheck(StaleItem $item): Move
    {
        $do = 'Check again: '.InSentence::name($item->what);
        $why = "{$item->because}. A reading holds only until something under it changes.";

        $does = $item->station === Station::Run ? [Deed::Start, Deed::Run] : [];

        return new Move($item->station, $do, $why, $item->minutes, 'recheck', $item->key, $does);
    }
}

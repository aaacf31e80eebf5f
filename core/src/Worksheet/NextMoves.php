<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Station;
use DustyJet\Carburetor\Step;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\HoldTest\Verdict;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Quantity\Turns;

/**
 * The moves worth making now, best first: what the earliest unfinished station needs, then what must be done again before
 * the stations that rest on it, then the stations after.
 *
 * @internal
 */
final readonly class NextMoves
{
    private const MOST = 3;

    private function __construct(private Worksheet $sheet, private ?Diagnosis $diagnosis)
    {
    }

    /** @return list<Move> */
    public static function from(Worksheet $sheet, ?Diagnosis $diagnosis = null): array
    {
        return $sheet->handedBackAt !== null ? [] : (new self($sheet, $diagnosis))->best();
    }

    /** @return list<Move> */
    private function best(): array
    {
        $moves = $this->beforeTheCarburetor();
        foreach (Station::cases() as $station) {
            if ($station === Station::Set && $this->sheet->stations[Station::Build->value]->isDone()) {
                $moves = [...$moves, ...$this->rechecks(Station::BenchTest)];
            }
            if ($station === Station::HandBack) {
                $moves = [...$moves, ...$this->rechecks(Station::Run)];
            }
            if (! $this->sheet->stations[$station->value]->isDone()) {
                $moves = [...$moves, ...$this->at($station)];
            }
            if (count($moves) >= self::MOST) {
                break;
            }
        }

        return array_slice($moves, 0, self::MOST);
    }

    /**
     * What the diagnosis would rather have done than open the carburetor: until that is begun, its check or repair comes first.
     *
     * @return list<Move>
     */
    private function beforeTheCarburetor(): array
    {
        if ($this->diagnosis === null || $this->sheet->stations[Station::Strip->value]->done > 0) {
            return [];
        }
        $ranked = $this->diagnosis->nextCheck();
        if ($ranked !== null) {
            $saves = (int) round($ranked->gain);
            $why = ($saves > 0 ? "Saves {$saves} minutes on average. " : 'Worth its minutes. ').$this->whatItTells($ranked);

            return $ranked->check->opensCarburetor ? [] : [new Move(Station::Intake, $ranked->check->do, $why, (int) ceil($ranked->minutes), 'look', $ranked->check->id)];
        }
        $fault = $this->diagnosis->plan[0] ?? null;
        if ($fault === null || $fault->cure->opensCarburetor || $fault->part === 'mixscrew' || in_array($fault->id, $this->diagnosis->case->repaired, true)) {
            return [];
        }

        return [new Move(Station::Intake, $fault->cure->do, "{$fault->name} is the likeliest for its minutes, and no check would pay any more.", (int) ceil($fault->cure->minutes), 'repair', $fault->id)];
    }

    private function whatItTells(RankedCheck $ranked): string
    {
        $leader = $this->diagnosis?->leader();

        return $leader !== null && $ranked->canChangeLeader($leader->fault->id) ? 'Its answer can change what leads the suspects.' : 'The leader will stay; a second fault may come to light.';
    }

    /** @return list<Move> */
    private function at(Station $station): array
    {
        return match ($station) {
            Station::Intake => [new Move($station, 'Tag it, take the complaint', 'The complaint in the customer\'s words decides where to look first.', 5, 'intake')],
            Station::AsFound => $this->counts(),
            Station::Strip, Station::Clean, Station::Build => $this->steps($station),
            Station::BenchTest => $this->hold(),
            Station::Set => $this->settings(),
            Station::Run => $this->runs(),
            Station::HandBack => $this->handBack(),
        };
    }

    /** @return list<Move> */
    private function counts(): array
    {
        $moves = [];
        foreach ($this->sheet->adjusters as $state) {
            if ($state->found === null) {
                $moves[] = new Move(Station::AsFound, "Count the {$this->lower($state->adjuster->name)} in, note the turns", 'Nobody can count it once it is out. Half turns, until lightly seated.', 2, 'count', $state->adjuster->key);
            }
        }

        return $moves;
    }

    /** @return list<Move> */
    private function steps(Station $station): array
    {
        $open = array_filter($this->sheet->family->stepsAt($station), fn (Step $s): bool => ! $this->sheet->isStepDone($station, $s->key));
        $minutes = max(1, intdiv($this->sheet->stations[$station->value]->minutes, max(1, count($this->sheet->family->stepsAt($station)))));
        $why = match ($station) {
            Station::Strip => 'In this order nothing is hidden by what comes before it.',
            Station::Clean => 'What is clean and sound now need not come apart again.',
            default => 'Back in the reverse order, so that nothing is left over.',
        };

        return array_values(array_map(static fn (Step $s): Move => new Move($station, $s->do, $why, $minutes, 'step', $s->key), array_slice($open, 0, self::MOST, true)));
    }

    /** @return list<Move> */
    private function hold(): array
    {
        $last = $this->sheet->latestHold();
        $psi = (int) round($this->sheet->family->card->test->inPsi());
        if ($last === null) {
            return [new Move(Station::BenchTest, "Invert the body, pump the inlet to {$psi} psi, watch 60 s", 'The float\'s weight closes the needle. If it holds, flooding has another cause.', 3, 'hold')];
        }
        $again = new Move(Station::BenchTest, 'Fit a new needle, run again', 'A wet needle that still leaks is worn, or its seat is.', 6, 'needle');

        return match ($last->verdict) {
            Verdict::KeepWatching => [new Move(Station::BenchTest, 'Watch longer: run '.$this->seconds($last), 'The readings so far fit both a good needle and a bad one.', 3, 'hold'), $again],
            Verdict::Leaks, Verdict::HoldsBelow => $last->wetted ? [$again, new Move(Station::BenchTest, 'Soap the inlet fitting, run again', 'Bubbles name the joint outright.', 2, 'hold')] : [new Move(Station::BenchTest, 'Wet the needle with a drop of fuel, run 60 s', 'A dry needle may leak and mean nothing. If it holds now, it was only dry.', 3, 'hold_wet'), $again],
            Verdict::Holds => [],
        };
    }

    private function seconds(HoldRecord $hold): string
    {
        $seconds = (int) (ceil(($hold->durationS + ($hold->watchMoreS ?? 60.0)) / 10.0) * 10.0);

        return $seconds >= 120 ? intdiv($seconds + 59, 60).' min' : $seconds.' s';
    }

    /** @return list<Move> */
    private function settings(): array
    {
        $moves = [];
        foreach ($this->sheet->adjusters as $state) {
            if ($state->set === null) {
                $moves[] = new Move(Station::Set, "Set the {$this->lower($state->adjuster->name)} to {$state->adjuster->baseline}", "A place to start: {$state->adjuster->provenance}. The running engine decides.", 2, 'set', $state->adjuster->key);
            }
        }

        return $moves;
    }

    /** @return list<Move> */
    private function runs(): array
    {
        $moves = [];
        foreach ($this->sheet->adjusters as $state) {
            if ($state->left === null) {
                $moves[] = $state->adjuster->isMixture ? $this->mixture($state) : new Move(Station::Run, 'Set the idle speed, log it', 'Last of all: the mixture moves it.', 2, 'leave', $state->adjuster->key);
            }
        }

        return $moves;
    }

    private function mixture(AdjusterState $state): Move
    {
        $name = $this->lower($state->adjuster->name);
        if ($state->readings === []) {
            return new Move(Station::Run, "Warm it up, log rpm at {$state->current()}", "Two minutes warm, then the {$name} from the lean side.", 4, 'read', $state->adjuster->key);
        }
        $result = self::judge($state);
        if ($result->done || $result->nextTurns === null) {
            $answer = Turns::nearestEighthTo($result->recommendedTurns ?? $state->current()?->inTurns() ?? 1.0);

            return new Move(Station::Run, "Leave the {$name} at {$answer}", $result->reason->sentence(), 1, 'leave', $state->adjuster->key);
        }
        $next = Turns::nearestEighthTo($result->nextTurns);
        $way = $next->inTurns() > ($state->current()?->inTurns() ?? 0.0) ? 'out' : 'in';

        return new Move(Station::Run, "Turn it {$way} to {$next}. Log the rpm.", $result->reason->sentence(), 1, 'read', $state->adjuster->key);
    }

    public static function judge(AdjusterState $state): MixtureResult
    {
        \assert($state->readings !== []);

        return MixtureRun::judge($state->readings, $state->school, $state->adjuster->sense->outIsRicher(), cardOffsetTurns: $state->adjuster->cardOffset->inTurns());
    }

    /** @return list<Move> */
    private function rechecks(Station $station): array
    {
        $moves = [];
        foreach ($this->sheet->stale as $item) {
            if ($item->station === $station) {
                $moves[] = new Move($station, "Check again: {$this->lower($item->what)}", $item->because.'. A reading holds only until something under it changes.', $item->minutes, 'recheck', $item->key);
            }
        }

        return $moves;
    }

    /** @return list<Move> */
    private function handBack(): array
    {
        $moves = [];
        foreach ($this->sheet->checks as $check) {
            if ($check->passed !== true) {
                $moves[] = new Move(Station::HandBack, $check->do, 'The proof, seen by you, before the customer sees it.', 2, 'check', $check->key);
            }
        }

        return $moves === [] ? [new Move(Station::HandBack, 'Hand it back with its report', 'Everything is measured and nothing is stale.', 3, 'hand_back')] : $moves;
    }

    private function lower(string $name): string
    {
        return lcfirst($name);
    }
}

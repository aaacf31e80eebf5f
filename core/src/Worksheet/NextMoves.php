<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\BenchTest;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\HoldTest\Verdict;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Quantity\Turns;
use DustyJet\StripAndBuild\TrayCell;
use DustyJet\StripAndBuild\TrayPart;

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
            if ($station === Station::Set && $this->sheet->rebuild->isWhole()) {
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
            Station::Strip => $this->strip(),
            Station::BenchTest => $this->sheet->family->hold === null ? $this->tests() : $this->hold(),
            Station::Clean => $this->inspections(),
            Station::Build => $this->build(),
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
            if ($state->found === null && ! $this->sheet->rebuild->wasOut($state->adjuster->key)) {
                $moves[] = new Move(Station::AsFound, "Count the {$this->lower($state->adjuster->name)} in, note the turns", 'Nobody can count it once it is out. Half turns, until lightly seated.', 2, 'count', $state->adjuster->key);
            }
        }

        return $moves;
    }

    /** @return list<Move> */
    private function strip(): array
    {
        $tray = $this->sheet->rebuild->build->tray;
        $ready = array_filter($tray->plan->ready($tray->off()), static fn (TrayPart $p): bool => ! $p->isOptional);
        $cell = 1 + count(array_filter($tray->cells, static fn (TrayCell $c): bool => $c->number > 0));
        $minutes = $this->each(Station::Strip, count($tray->plan->parts));

        return array_map(fn (TrayPart $p): Move => new Move(Station::Strip, $p->isTask ? $p->name : "Take off: {$this->counted($p)}", $p->caution === null ? "Into cell {$cell}. In this order nothing is hidden by what comes before it." : "{$p->caution}. Into cell {$cell}.", $minutes, 'part_off', $p->key), array_slice($ready, 0, self::MOST));
    }

    /** @return list<Move> */
    private function inspections(): array
    {
        $open = $this->sheet->rebuild->uninspected();
        $minutes = $this->each(Station::Clean, count($this->sheet->rebuild->inspections()));

        return array_values(array_map(static fn (Inspection $i): Move => new Move(Station::Clean, $i->do, 'Good: '.InSentence::name($i->good).'.', $minutes, 'inspect', $i->key), array_slice($open, 0, self::MOST, true)));
    }

    /** @return list<Move> */
    private function build(): array
    {
        $build = $this->sheet->rebuild->build;
        $minutes = $this->each(Station::Build, count($build->order()));
        $moves = [];
        foreach (array_slice($build->ready(), 0, self::MOST) as $part) {
            $reason = $build->tray->plan->reasons($part->key)[0] ?? 'Back in the reverse of this strip';
            $moves[] = new Move(Station::Build, "Fit: {$this->counted($part)}", $part->looks() === [] ? "{$reason}." : implode('. ', $part->looks()).'.', $minutes, 'part_on', $part->key);
        }
        if ($moves !== []) {
            return $moves;
        }
        if (! $this->sheet->rebuild->isStripped()) {
            return [];
        }

        return array_map(static fn (string $left): Move => new Move(Station::Build, 'Account for what is left', $left, 2, 'account', ''), array_slice($build->leftOver(), 0, 1));
    }

    private function counted(TrayPart $part): string
    {
        return $this->lower($part->name).($part->count > 1 ? ", {$part->count}" : '');
    }

    private function each(Station $station, int $parts): int
    {
        return max(1, intdiv($this->sheet->family->minutesAt($station), max(1, $parts)));
    }

    /** @return list<Move> where no hold test applies */
    private function tests(): array
    {
        $open = array_filter($this->sheet->family->tests, fn (BenchTest $t): bool => ! ($this->sheet->rebuild->tests[$t->key]->passed ?? false));

        return array_values(array_map(static fn (BenchTest $t): Move => new Move(Station::BenchTest, $t->do, 'Good: '.InSentence::name($t->good).'.', 3, 'test', $t->key), array_slice($open, 0, self::MOST)));
    }

    /** @return list<Move> */
    private function hold(): array
    {
        $last = $this->sheet->latestHold();
        if ($last === null) {
            return [new Move(Station::BenchTest, $this->sheet->family->hold->do ?? '', $this->sheet->family->hold->why ?? '', 3, 'hold')];
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
        return InSentence::name($name);
    }
}

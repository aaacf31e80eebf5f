<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\Season;
use DustyJet\HoldTest\Verdict;

/**
 * A job's sheet as a case: what the customer said, what was looked at, and what later stations found.
 *
 * Entries of a newer knowledge than this one are passed over; what a station measured counts unless someone answered otherwise
 * after it.
 */
final readonly class Triage
{
    /** A screw this far past its base is dirt, not adjustment. Common practice. */
    private const FAR_OUT_TURNS = 2.0;

    private CarburetorKind $kind;

    public function __construct(private Catalogue $catalogue, private Worksheet $sheet)
    {
        $this->kind = $catalogue->family($sheet->family->id);
    }

    public function kind(): CarburetorKind
    {
        return $this->kind;
    }

    public function case(): DiagnosisCase
    {
        $names = array_unique([...$this->sheet->checksDone, ...$this->sheet->repaired, ...$this->cured(), ...$this->open()]);
        $known = $this->catalogue->checks + $this->catalogue->faultsOf($this->kind) + $this->catalogue->access;

        return DiagnosisCase::of($this->catalogue, $this->kind->id, $this->facts(), $this->answers(), array_values(array_filter($names, static fn (string $n): bool => isset($known[$n]))));
    }

    public function diagnosis(): Diagnosis
    {
        return Diagnosis::of($this->catalogue, $this->case());
    }

    /** Whether the customer's complaint was put in the words a diagnosis knows. */
    public function hasComplaint(): bool
    {
        foreach ($this->answers() as $id => $answer) {
            if ($answer->isThere() && $this->catalogue->findings[$id]->isComplaint()) {
                return true;
            }
        }

        return false;
    }

    /** Whether the diagnosis still has a say in what comes next: a complaint is named and the carburetor is not begun. */
    public function leads(): bool
    {
        return $this->sheet->handedBackAt === null && $this->sheet->stations[Station::Strip->value]->done === 0 && $this->hasComplaint();
    }

    /** @return array<string, Answer> in the order they were given */
    public function answers(): array
    {
        $here = $this->catalogue->findingsOf($this->kind);
        $answers = [];
        foreach ([...$this->measured(), ...array_map(static fn (Told $t): array => [$t->finding, $t->answer], $this->sheet->told)] as [$finding, $answer]) {
            $graded = $answer === Answer::Some || $answer === Answer::Strong;
            if (isset($here[$finding]) && ($here[$finding]->isGraded() || ! $graded)) {
                $answers[$finding] = $answer;
            }
        }

        return $answers;
    }

    /** @return list<FlowRun> those the answers bring up, or that were begun */
    public function flows(): array
    {
        $answers = $this->answers();
        $runs = [];
        foreach ($this->catalogue->flowsOf($this->kind) as $id => $flow) {
            if ($flow->isOffered($answers) || isset($this->sheet->flowSteps[$id])) {
                $runs[] = FlowRun::of($flow, $this->kind, $this->catalogue->findingsOf($this->kind), $answers, $this->sheet->flowSteps[$id] ?? []);
            }
        }

        return $runs;
    }

    /** @throws UnreadableEntry If a draft names what this knowledge or this family does not have. */
    public function refuseUnlessKnown(Draft $draft): void
    {
        $word = static fn (string $field): string => is_string($draft->payload[$field] ?? null) ? $draft->payload[$field] : '';
        match ($draft->kind) {
            EntryKind::FindingNoted => $this->refuseBadAnswer($word('finding'), $word('answer')),
            EntryKind::CheckAnswered => $this->refuseBadCheck($word('check'), $draft->payload['answers'] ?? null),
            EntryKind::FaultRepaired => isset($this->catalogue->faultsOf($this->kind)[$word('fault')]) || throw UnreadableEntry::unknownName('fault', $word('fault')),
            EntryKind::FlowStepped => isset($this->catalogue->flowsOf($this->kind)[$word('flow')]->steps[$word('step')]) || throw UnreadableEntry::unknownName('step', $word('step')),
            default => null,
        };
    }

    /** @throws UnreadableEntry */
    private function refuseBadCheck(string $check, mixed $answers): void
    {
        $known = $this->catalogue->checksOf($this->kind)[$check] ?? throw UnreadableEntry::unknownName('check', $check);
        is_array($answers) && $answers !== [] || throw UnreadableEntry::unknownName('answer', '');
        foreach ($answers as $finding => $answer) {
            in_array($finding, $known->answers, true) || throw UnreadableEntry::unknownName('finding', (string) $finding);
            $this->refuseBadAnswer($finding, is_string($answer) ? $answer : '');
        }
    }

    /** @throws UnreadableEntry */
    private function refuseBadAnswer(string $finding, string $answer): void
    {
        $known = $this->catalogue->findingsOf($this->kind)[$finding] ?? throw UnreadableEntry::unknownName('finding', $finding);
        $parsed = Answer::tryFrom($answer) ?? throw UnreadableEntry::unknownName('answer', $answer);
        $known->isGraded() || ($parsed !== Answer::Some && $parsed !== Answer::Strong) || throw UnreadableEntry::unknownName('answer', $answer);
    }

    private function facts(): Facts
    {
        $intake = $this->sheet->intake;
        $days = static fn (?int $d): ?int => $d === null || $d < 0 ? null : min($d, 36500);

        return new Facts($days($intake?->fuelAgeDays), $days($intake?->storedDays), $intake === null ? null : Season::on($intake->at));
    }

    /** @return list<array{0: string, 1: Answer}> what other stations found */
    private function measured(): array
    {
        $found = [];
        $hold = $this->sheet->latestHold();
        if ($hold !== null && $hold->verdict !== Verdict::KeepWatching && ! $this->sheet->isStale('needle_hold')) {
            // A dry needle that leaks proves nothing; one that holds dry holds.
            $leaks = $hold->verdict !== Verdict::Holds;
            if (! $leaks || $hold->wetted) {
                $found[] = ['needle_leaks', $leaks ? Answer::Yes : Answer::No];
            }
        }
        foreach ($this->sheet->rebuild->inspected as $key => $record) {
            foreach ($this->sheet->family->inspections[$key]->fails as $finding) {
                $found[] = [$finding, $record->condition === Condition::Sound ? Answer::No : Answer::Yes];
            }
        }
        $counted = array_filter($this->sheet->adjusters, static fn (AdjusterState $s): bool => $s->adjuster->isMixture && $s->found !== null);
        if ($counted !== []) {
            $far = array_filter($counted, static fn (AdjusterState $s): bool => ($s->found?->inTurns() ?? 0.0) >= $s->adjuster->baseline->inTurns() + self::FAR_OUT_TURNS);
            $found[] = ['screw_far_out', $far === [] ? Answer::No : Answer::Yes];
        }

        return $found;
    }

    /** @return list<string> faults that cleaning or a new part removed */
    private function cured(): array
    {
        $cured = [];
        foreach ($this->sheet->rebuild->inspected as $key => $record) {
            $inspection = $this->sheet->family->inspections[$key];
            $cured = match ($record->condition) {
                Condition::Cleaned => [...$cured, ...$inspection->cures],
                Condition::Replace => [...$cured, ...$inspection->renews],
                default => $cured,
            };
        }

        return $cured;
    }

    /** @return list<string> what the strip has opened and the build not closed */
    private function open(): array
    {
        $rebuild = $this->sheet->rebuild;
        if (! $rebuild->isBegun() || $rebuild->isWhole()) {
            return [];
        }
        $open = $rebuild->isStripped() && $rebuild->build->tray->has('carburetor') ? ['carburetor_apart'] : [];
        foreach ($rebuild->build->tray->cells as $cell) {
            $opens = $rebuild->build->tray->plan->parts[$cell->key]->opens ?? null;
            $open = $opens === null || isset($rebuild->build->placed[$cell->key]) ? $open : [...$open, $opens];
        }

        return array_values(array_filter($open, fn (string $a): bool => isset($this->catalogue->access[$a])));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Diagnosis\Fault;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\Safety;
use DustyJet\Diagnosis\Season;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\BenchTest\TestRecord;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Clean\PartsList;
use DustyJet\Worksheet\HandBack\CheckState;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Intake\Findings;
use DustyJet\Worksheet\Strip\Parts;

/**
 * A job's sheet as a case: what the customer said, what was looked at, and what later stations found.
 *
 * Entries of a newer knowledge than this one are passed over; what a station measured counts unless someone answered
 * otherwise after it.
 */
final readonly class Triage
{
    private const LONGEST_DAYS = 36500;

    /** What a carburetor that holds does not do. A drip from anywhere and fuel in the oil stay until somebody says so. */
    private const OF_A_LEAK = ['drips_from_vent', 'drips_at_joint', 'vent_weeps_on_bulb'];

    private CarburetorKind $kind;

    /** @var array<string, Answer> reckoned once: a leak map takes its ten milliseconds */
    private array $answers;

    public function __construct(private Catalogue $catalogue, private Worksheet $sheet)
    {
        $this->kind = $catalogue->family($sheet->family->id);
        $this->answers = $this->given();
    }

    public function kind(): CarburetorKind
    {
        return $this->kind;
    }

    public function case(): DiagnosisCase
    {
        $findings = $this->sheet->of(Findings::class);
        $names = array_keys($findings->checks + $findings->repaired);
        $names = array_unique([...array_map(strval(...), $names), ...$this->cured(), ...$this->cleared(), ...$this->open()]);
        $known = $this->catalogue->checks + $this->catalogue->faultsOf($this->kind) + $this->catalogue->access;
        $done = array_values(array_filter($names, static fn (string $n): bool => isset($known[$n])));

        return DiagnosisCase::of($this->catalogue, $this->kind->id, $this->facts(), $this->answers(), $done);
    }

    public function diagnosis(): Diagnosis
    {
        return Diagnosis::of($this->catalogue, $this->case());
    }

    /** Whether a complaint was put in the words a diagnosis knows, or a test failed: that is one too. */
    public function hasComplaint(): bool
    {
        $failed = static fn (TestRecord $t): bool => ! $t->passed;
        if (array_filter($this->sheet->of(Tests::class)->records, $failed) !== []) {
            return true;
        }
        foreach ($this->answers() as $id => $answer) {
            if ($answer->isThere() && $this->catalogue->findings[$id]->isComplaint()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the diagnosis still has a say in what comes next: a complaint is named and the carburetor is not begun.
     */
    public function leads(): bool
    {
        return $this->sheet->handedBackAt === null
            && ($this->sheet->stations[Station::Strip->value]->done === 0 || $this->hasFailedWhole())
            && $this->hasComplaint();
    }

    /** Whether it is together again and something failed: the search begins anew. */
    private function hasFailedWhole(): bool
    {
        $failed = static fn (CheckState $c): bool => $c->passed === false;

        return Machine::on($this->sheet->bench)->isWhole()
            && array_filter($this->sheet->of(Proofs::class)->checks, $failed) !== [];
    }

    /** @return array<string, Answer> in the order they were given */
    public function answers(): array
    {
        return $this->answers;
    }

    /** @return array<string, Answer> */
    private function given(): array
    {
        $here = $this->catalogue->findingsOf($this->kind);
        $given = Measured::on($this->sheet);
        foreach ($this->sheet->of(Findings::class)->told as $told) {
            $given[] = [$told->finding, $told->answer, $told->at];
        }
        // The last word counts, whether it was said or measured.
        usort($given, static fn (array $a, array $b): int => ($a[2]?->getTimestamp() ?? 0) <=> ($b[2]?->getTimestamp() ?? 0));
        $answers = [];
        foreach ($given as [$finding, $answer]) {
            $isGraded = $answer === Answer::Some || $answer === Answer::Strong;
            if (isset($here[$finding]) && ($here[$finding]->isGraded() || ! $isGraded)) {
                $answers[$finding] = $answer;
            }
        }

        return $answers;
    }

    /** @return list<FlowRun> those the answers bring up, or that were begun */
    public function flows(): array
    {
        $answers = $this->answers();
        $here = $this->catalogue->findingsOf($this->kind);
        $runs = [];
        foreach ($this->catalogue->flowsOf($this->kind) as $id => $flow) {
            $steps = $this->sheet->of(Findings::class)->steps[$id] ?? [];
            if ($flow->isOffered($answers) || $steps !== []) {
                $runs[] = FlowRun::of($flow, $this->kind, $here, $answers, $steps, $this->safety());
            }
        }

        return $runs;
    }

    /** What stands: a leak of a carburetor that was proved tight after it was said forbids nothing any more. */
    public function safety(): Safety
    {
        $told = $this->sheet->of(Findings::class)->told;
        $hold = $this->sheet->of(Holds::class)->latest();
        $tightSince = $hold?->outcome->verdict === Verdict::Holds && Machine::on($this->sheet->bench)->isWhole()
            ? $hold->at
            : null;
        $isOver = static fn (string $finding): bool => $tightSince !== null
            && in_array($finding, self::OF_A_LEAK, true)
            && isset($told[$finding])
            && $told[$finding]->at < $tightSince;
        $stands = static fn (string $finding): bool => ! $isOver($finding);

        return Safety::of($this->catalogue, array_filter($this->answers(), $stands, ARRAY_FILTER_USE_KEY));
    }

    /** @throws \DustyJet\Rejected If a draft names what this knowledge or this family does not have. */
    public function refuseUnlessKnown(Draft $draft): void
    {
        $act = $draft->act();
        if ($act instanceof AsksCatalogue) {
            $act->refuseUnlessKnown($this->catalogue, $this->kind);
        }
    }

    private function facts(): Facts
    {
        $intake = $this->sheet->intake;
        $days = static fn (?int $d): ?int => $d === null || $d < 0 ? null : min($d, self::LONGEST_DAYS);
        $season = $intake === null ? null : Season::on($intake->at);

        return new Facts($days($intake?->fuelAgeDays), $days($intake?->storedDays), $season);
    }

    /** @return list<string> faults that cleaning or a new part removed */
    private function cured(): array
    {
        $cured = [];
        if ($this->sheet->of(Inspected::class)->replacedBy !== null) {
            $isInside = static fn (Fault $f): bool => ! $f->isOutsideTheCarburetor();
            $cured = array_keys(array_filter($this->catalogue->faultsOf($this->kind), $isInside));
        }
        foreach ($this->sheet->of(Inspected::class)->records as $key => $record) {
            $isCleaned = $record->condition === Condition::Cleaned;
            $effects = $this->sheet->family->teardown->inspections[$key]->effects;
            $cured = $isCleaned ? [...$cured, ...$effects->cures] : $cured;
        }
        foreach (PartsList::fitted($this->sheet->bench) as $key) {
            $cured = [...$cured, ...$this->sheet->family->teardown->inspections[$key]->effects->renews];
        }

        return $cured;
    }

    /** @return list<string> faults whose procedure worked */
    private function cleared(): array
    {
        $cleared = array_filter(
            $this->catalogue->faultsOf($this->kind),
            fn (Fault $f): bool => $f->flow !== null && $this->hasWorked($f->flow),
        );

        return array_keys($cleared);
    }

    /** Whether a count of it, like so many pulls, did it. */
    private function hasWorked(string $flow): bool
    {
        $steps = $this->sheet->of(Findings::class)->steps[$flow] ?? [];
        foreach ($this->catalogue->flows[$flow]->steps as $step) {
            if ($step->count !== null && ($steps[$step->id]['worked'] ?? false)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> what the strip has opened and the build not closed */
    private function open(): array
    {
        $parts = $this->sheet->of(Parts::class);
        $build = $parts->build;
        if (! $parts->isBegun() || $parts->isWhole()) {
            return [];
        }
        $open = $parts->isStripped() && $build->tray->has('carburetor') ? ['carburetor_apart'] : [];
        foreach ($build->tray->cells as $cell) {
            $opens = $build->tray->plan->parts[$cell->key]->frees->opens ?? null;
            $open = $opens === null || isset($build->placed[$cell->key]) ? $open : [...$open, $opens];
        }

        return array_values(array_filter($open, fn (string $a): bool => isset($this->catalogue->access[$a])));
    }
}

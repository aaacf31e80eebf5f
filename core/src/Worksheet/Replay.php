<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\StripAndBuild\Tray;

/**
 * Walks a log once and keeps what holds.
 *
 * Mutable while it walks, and never seen outside: {@see Worksheet::replay()} hands out only the finished sheet.
 *
 * @internal
 */
final class Replay
{
    private ?Intake $intake = null;

    /** @var array<string, AdjusterState> */
    private array $adjusters = [];

    private Build $build;

    private ?DateTimeImmutable $stripEndedAt = null;

    /** @var array<string, InspectionRecord> */
    private array $inspected = [];

    /** @var array<string, int> */
    private array $placedSeq = [];

    /** @var array<string, LinkNote> */
    private array $linkNotes = [];

    /** @var array<string, TestRecord> */
    private array $tests = [];

    /** @var array<string, ClockRecord> */
    private array $clocks = [];

    /** @var list<HoldRecord> */
    private array $holds = [];

    /** @var array<string, StaleItem> */
    private array $stale = [];

    /** @var array<string, string> */
    private array $overrides = [];

    /** @var array<string, array{passed: bool, rpm: float|null, at: DateTimeImmutable}> */
    private array $checks = [];

    /** @var array<string, DateTimeImmutable> when something last happened at a station */
    private array $touchedAt = [];

    /** @var array<string, Told> */
    private array $told = [];

    /** @var array<string, true> */
    private array $checksDone = [];

    /** @var array<string, true> */
    private array $repaired = [];

    /** @var array<string, array<string, array{counted: int, worked: bool}>> */
    private array $flowSteps = [];

    /** @var array<string, PhotoRecord> */
    private array $photos = [];

    /** @var array<string, Promise> */
    private array $promises = [];

    private ?Entry $handedBack = null;

    private function __construct(private readonly Family $family, private readonly Log $log)
    {
        $this->adoptAdjusters('', Sense::Fuel);
        $this->build = Build::from(Tray::empty($family->plan('')));
    }

    public static function of(Family $family, Log $log): Worksheet
    {
        $replay = new self($family, $log);
        foreach ($log->effective() as $entry) {
            $replay->apply($entry);
        }

        return $replay->finished();
    }

    private function apply(Entry $entry): void
    {
        match ($entry->kind) {
            EntryKind::IntakeTaken => $this->intake($entry),
            EntryKind::ScrewCounted => $this->counted($entry),
            EntryKind::PartOff, EntryKind::PartOn, EntryKind::PartMissing, EntryKind::PartUnexpected, EntryKind::PartAccounted => $this->partMoved($entry),
            EntryKind::StripEnded => $this->stripEnded($entry),
            EntryKind::PartInspected => $this->inspected($entry),
            EntryKind::LinkNoted => $this->linkNotes[$entry->text('link')] = new LinkNote($entry->text('link'), $entry->text('text'), $entry->id, $entry->at, $entry->by),
            EntryKind::TestDone => $this->tested($entry),
            EntryKind::ClockStarted => $this->clocks[$entry->id] = new ClockRecord($entry->id, $entry->text('clock'), $this->family->clocks[$entry->text('clock')]->name ?? 'Clock', $entry->textOrNull('what'), $entry->at, max(1, min(ClockRecord::LONGEST_MINUTES, $entry->integer('minutes'))), null),
            EntryKind::ClockEnded => $this->clockEnded($entry),
            EntryKind::CheckPromised => $this->promises[$entry->id] = new Promise($entry->id, $entry->text('what'), $entry->at, $entry->by, null),
            EntryKind::PromiseKept => $this->promiseKept($entry),
            EntryKind::ThingTouched => $this->touch($entry->text('thing'), $entry),
            EntryKind::HoldTested => $this->held($entry),
            EntryKind::ScrewSet => $this->screwSet($entry),
            EntryKind::SchoolChosen => $this->schoolChosen($entry),
            EntryKind::SpeedRead => $this->speedRead($entry),
            EntryKind::CheckDone => $this->checkDone($entry),
            EntryKind::StaleOverridden => $this->overridden($entry),
            EntryKind::FindingNoted => $this->tell($entry->text('finding'), $entry->text('answer'), $entry),
            EntryKind::CheckAnswered => $this->checkAnswered($entry),
            EntryKind::FaultRepaired => $this->repaired[$entry->text('fault')] = true,
            EntryKind::FlowStepped => $this->flowStepped($entry),
            EntryKind::PhotoTaken => $this->photos[$entry->text('photo')] = new PhotoRecord($entry->text('photo'), $entry->text('station'), $entry->textOrNull('caption'), $entry->id, $entry->by, $entry->at),
            EntryKind::PhotoPinned => $this->pinned($entry),
            EntryKind::HandedBack => $this->handedBack = $entry,
            EntryKind::NoteAdded, EntryKind::Struck => null,
        };
    }

    private function intake(Entry $entry): void
    {
        $intake = $this->intake = Intake::of($entry);
        $this->adoptAdjusters($intake->variant, $intake->idleSense);
        $this->build = Build::from(Tray::empty($this->family->plan($intake->variant)));
        $this->touchedAt[Station::Intake->value] = $entry->at;
    }

    private function adoptAdjusters(string $variant, Sense $idleSense): void
    {
        $known = $this->adjusters;
        $this->adjusters = [];
        foreach ($this->family->adjustersOf($variant, $idleSense) as $key => $adjuster) {
            $old = $known[$key] ?? null;
            $this->adjusters[$key] = new AdjusterState($adjuster, $old->school ?? $adjuster->school, $old?->found, $old?->set, $old?->left, $old->readings ?? []);
        }
    }

    private function counted(Entry $entry): void
    {
        $state = $this->adjusters[$entry->text('adjuster')] ?? null;
        if ($state !== null) {
            $this->change($state, found: Turns::ofUnits($entry->integer('units')));
            $this->touchedAt[Station::AsFound->value] = $entry->at;
        }
    }

    /** What a file written elsewhere got wrong is passed over. */
    private function partMoved(Entry $entry): void
    {
        try {
            $this->build = TrayLog::apply($this->build, $entry);
        } catch (NotYet) {
            return;
        }
        $isOn = in_array($entry->kind, [EntryKind::PartOn, EntryKind::PartAccounted], true);
        $station = $isOn ? Station::Build : Station::Strip;
        $this->touchedAt[$station->value] = $entry->at;
        if ($entry->kind === EntryKind::PartOn) {
            $this->placedSeq[$entry->text('part')] = $entry->seq;
        }
        $part = $this->build->tray->plan->parts[$entry->text('part')] ?? null;
        foreach ($part->touches ?? [] as $touched) {
            $this->touch($touched, $entry);
        }
        foreach ($part->adjusters ?? [] as $adjuster) {
            $this->doubt([$adjuster === 'idle_speed' ? $adjuster : "mixture.{$adjuster}"], ($this->adjusters[$adjuster]->adjuster->name ?? 'A screw').' was out at '.$station->label(), $entry);
        }
    }

    private function stripEnded(Entry $entry): void
    {
        $this->stripEndedAt = $entry->at;
        $this->touchedAt[Station::Strip->value] = $entry->at;
    }

    private function inspected(Entry $entry): void
    {
        $inspection = $this->family->inspections[$entry->text('inspection')] ?? null;
        $condition = Condition::tryFrom($entry->text('condition'));
        if ($inspection === null || $condition === null) {
            return;
        }
        $this->inspected[$inspection->key] = new InspectionRecord($inspection->key, $condition, $entry->textOrNull('reason'), $entry->id, $entry->seq, $entry->at, $entry->by);
        $this->touchedAt[Station::Clean->value] = $entry->at;
        foreach ($condition === Condition::Sound ? [] : $inspection->touches as $touched) {
            $this->touch($touched, $entry);
        }
    }

    private function tested(Entry $entry): void
    {
        $this->tests[$entry->text('test')] = new TestRecord($entry->text('test'), $entry->flag('passed'), $entry->textOrNull('note'), $entry->id, $entry->at);
        $this->touchedAt[Station::BenchTest->value] = $entry->at;
    }

    private function clockEnded(Entry $entry): void
    {
        $clock = $this->clocks[$entry->text('clock')] ?? null;
        if ($clock !== null) {
            $this->clocks[$clock->entryId] = $clock->ended($entry->at);
        }
    }

    private function promiseKept(Entry $entry): void
    {
        $promise = $this->promises[$entry->text('promise')] ?? null;
        if ($promise !== null) {
            $this->promises[$promise->entryId] = $promise->kept($entry->text('result'));
        }
    }

    private function held(Entry $entry): void
    {
        $this->holds[] = HoldRecord::of($entry);
        $this->fresh('needle_hold');
        $this->touchedAt[Station::BenchTest->value] = $entry->at;
    }

    private function screwSet(Entry $entry): void
    {
        $state = $this->adjusters[$entry->text('adjuster')] ?? null;
        if ($state === null) {
            return;
        }
        $turns = Turns::ofUnits($entry->integer('units'));
        $atRun = $entry->text('station') === Station::Run->value;
        $before = $state->current();
        $this->change($state, set: $turns, left: $atRun ? $turns : $state->left);
        $this->touchedAt[$atRun ? Station::Run->value : Station::Set->value] = $entry->at;
        $this->fresh($state->adjuster->isMixture ? 'mixture.'.$state->adjuster->key : 'idle_speed');
        // Only an actual move makes others doubtful; setting a screw where it stands is a re-check that passed.
        if ($before !== null && ! $before->isSameAs($turns)) {
            $this->moved($state, $entry);
        }
    }

    private function schoolChosen(Entry $entry): void
    {
        $state = $this->adjusters[$entry->text('adjuster')] ?? null;
        $school = School::tryFrom($entry->text('school'));
        if ($state !== null && $school !== null) {
            $this->adjusters[$state->adjuster->key] = new AdjusterState($state->adjuster, $school, $state->found, $state->set, $state->left, $state->readings);
        }
    }

    private function speedRead(Entry $entry): void
    {
        $state = $this->adjusters[$entry->text('adjuster')] ?? null;
        if ($state === null) {
            return;
        }
        $turns = Turns::ofUnits($entry->integer('units'));
        $before = $state->current();
        $reading = new MixtureReading($turns, RotationalSpeed::ofRpm($entry->number('rpm')));
        $this->change($state, set: $turns, readings: [...$state->readings, $reading]);
        $this->touchedAt[Station::Run->value] = $entry->at;
        if ($before !== null && ! $before->isSameAs($turns)) {
            $this->moved($state, $entry);
        }
    }

    private function checkDone(Entry $entry): void
    {
        $this->checks[$entry->text('check')] = ['passed' => $entry->flag('passed'), 'rpm' => $entry->numberOrNull('rpm'), 'at' => $entry->at];
        $this->touchedAt[Station::HandBack->value] = $entry->at;
    }

    private function checkAnswered(Entry $entry): void
    {
        $this->checksDone[$entry->text('check')] = true;
        foreach ($entry->map('answers') as $finding => $answer) {
            $this->tell((string) $finding, is_string($answer) ? $answer : '', $entry);
        }
    }

    /** The last word counts, and stands where it was said last. */
    private function tell(string $finding, string $word, Entry $entry): void
    {
        $answer = Answer::tryFrom($word);
        if ($answer !== null) {
            unset($this->told[$finding]);
            $this->told[$finding] = new Told($finding, $answer, $entry->id, $entry->at, $entry->by);
        }
    }

    private function pinned(Entry $entry): void
    {
        $photo = $this->photos[$entry->text('photo')] ?? null;
        if ($photo !== null) {
            $share = static fn (string $side): float => max(0.0, min(1.0, $entry->number($side)));
            $this->photos[$photo->photo] = $photo->pinned(new Pin($entry->id, $share('across'), $share('down'), $entry->text('text')));
        }
    }

    private function flowStepped(Entry $entry): void
    {
        $before = $this->flowSteps[$entry->text('flow')][$entry->text('step')] ?? ['counted' => 0, 'worked' => false];
        $this->flowSteps[$entry->text('flow')][$entry->text('step')] = ['counted' => $before['counted'] + 1, 'worked' => $before['worked'] || $entry->flag('worked')];
    }

    private function overridden(Entry $entry): void
    {
        $this->overrides[$entry->text('item')] = $entry->text('reason').' ('.$entry->by.')';
        unset($this->stale[$entry->text('item')]);
    }

    private function touch(string $thing, Entry $entry): void
    {
        $known = $this->family->stale[$thing] ?? null;
        if ($known !== null) {
            $this->doubt($known->doubts, $known->because.' at '.self::place($entry), $entry);
        }
    }

    private function moved(AdjusterState $state, Entry $entry): void
    {
        $this->doubt($this->family->upsetBy($state->adjuster->key, $this->intake->variant ?? ''), "{$state->adjuster->name} was moved at the bench", $entry);
    }

    private static function place(Entry $entry): string
    {
        return match ($entry->kind) {
            EntryKind::PartOff, EntryKind::PartMissing => Station::Strip->label(),
            EntryKind::PartOn => Station::Build->label(),
            EntryKind::PartInspected => Station::Clean->label(),
            default => 'the bench',
        };
    }

    /** @param  list<string>  $items */
    private function doubt(array $items, string $because, Entry $entry): void
    {
        foreach ($items as $item) {
            foreach ($this->meant($item) as $key) {
                if ($this->isTaken($key)) {
                    $this->stale[$key] ??= $this->staleItem($key, $because, $entry->at);
                    unset($this->overrides[$key]);
                }
            }
        }
    }

    /**
     * `mixture` means every mixture screw of this carburetor.
     *
     * @return list<string>
     */
    private function meant(string $item): array
    {
        if ($item !== 'mixture') {
            return [$item];
        }
        $screws = array_filter($this->adjusters, static fn (AdjusterState $s): bool => $s->adjuster->isMixture);

        return array_map(static fn (string $key): string => 'mixture.'.$key, array_keys($screws));
    }

    /** Only what has been measured or set can go stale. */
    private function isTaken(string $key): bool
    {
        if ($key === 'needle_hold') {
            return $this->holds !== [];
        }
        $state = $this->adjusters[$key === 'idle_speed' ? 'idle_speed' : substr($key, strlen('mixture.'))] ?? null;

        return $state !== null && $state->left !== null;
    }

    private function staleItem(string $key, string $because, DateTimeImmutable $since): StaleItem
    {
        if ($key === 'needle_hold') {
            return new StaleItem($key, $this->family->hold->name ?? 'Hold test', $because, $since, Station::BenchTest, 3);
        }
        $state = $this->adjusters[$key === 'idle_speed' ? 'idle_speed' : substr($key, strlen('mixture.'))];

        return new StaleItem($key, $state->adjuster->name.', '.($state->left ?? $state->current()), $because, $since, Station::Run, $state->adjuster->isMixture ? 6 : 2);
    }

    private function fresh(string $key): void
    {
        unset($this->stale[$key], $this->overrides[$key]);
    }

    /** @param  list<MixtureReading>|null  $readings */
    private function change(AdjusterState $old, ?Turns $found = null, ?Turns $set = null, ?Turns $left = null, ?array $readings = null): void
    {
        $this->adjusters[$old->adjuster->key] = new AdjusterState($old->adjuster, $old->school, $found ?? $old->found, $set ?? $old->set, $left ?? $old->left, $readings ?? $old->readings);
    }

    private function finished(): Worksheet
    {
        $checks = [];
        foreach ($this->family->checks as $key => $check) {
            $done = $this->checks[$key] ?? null;
            $checks[$key] = new CheckState($key, $check['do'], $check['takes'] === 'rpm', $done['passed'] ?? null, $done['rpm'] ?? null, $done['at'] ?? null);
        }
        $stations = [];
        foreach (Station::cases() as $station) {
            $stations[$station->value] = $this->stationState($station, $checks);
        }

        return new Worksheet($this->family, $this->log, $this->intake, $this->adjusters, $this->rebuild(), $this->holds, array_values($this->stale), $this->overrides, $checks, $this->handedBack?->at, $this->handedBack?->textOrNull('advice'), $stations, array_values($this->told), array_keys($this->checksDone), array_keys($this->repaired), $this->flowSteps, $this->photos);
    }

    /** @param  array<string, CheckState>  $checks */
    private function stationState(Station $station, array $checks): StationState
    {
        [$done, $of] = match ($station) {
            Station::Intake => [$this->intake === null ? 0 : 1, 1],
            Station::AsFound => [$this->countAdjusters(static fn (AdjusterState $s): bool => $s->found !== null), $this->countAdjusters(fn (AdjusterState $s): bool => $s->found !== null || ! $this->rebuild()->wasOut($s->adjuster->key))],
            Station::Strip => $this->stripped(),
            Station::BenchTest => $this->benchTested(),
            Station::Clean => [count($this->rebuild()->inspections()) - count($this->rebuild()->uninspected()), count($this->rebuild()->inspections())],
            Station::Build => $this->built(),
            Station::Set => [$this->countAdjusters(static fn (AdjusterState $s): bool => $s->set !== null), count($this->adjusters)],
            Station::Run => [$this->countAdjusters(static fn (AdjusterState $s): bool => $s->left !== null), count($this->adjusters)],
            Station::HandBack => [$this->handedBack === null ? 0 : 1, 1],
        };
        $stale = count(array_filter($this->stale, static fn (StaleItem $s): bool => $s->station === $station));
        $doneAt = match (true) {
            $done < $of => null,
            $station === Station::HandBack => $this->handedBack?->at,
            $station === Station::Set => $this->touchedAt[$station->value] ?? $this->touchedAt[Station::Run->value] ?? null,
            default => $this->touchedAt[$station->value] ?? null,
        };

        return new StationState($doneAt, $stale, $done, $of, $this->family->minutesAt($station));
    }

    private function rebuild(): Rebuild
    {
        return new Rebuild($this->family, $this->intake->variant ?? '', $this->build, $this->stripEndedAt, $this->inspected, $this->placedSeq, $this->linkNotes, $this->tests, $this->clocks, $this->promises);
    }

    /** @return array{0: int, 1: int} */
    private function stripped(): array
    {
        $off = count($this->build->tray->off());

        return [$off, $off + ($this->stripEndedAt !== null ? 0 : count($this->build->tray->unaccounted()))];
    }

    /** @return array{0: int, 1: int} before the strip is ended nothing can be all back */
    private function built(): array
    {
        $placed = count($this->build->placed);

        return [$placed, $placed + max(count($this->build->leftOver()), $this->rebuild()->isStripped() ? 0 : 1)];
    }

    /** @return array{0: int, 1: int} the hold test decides; where there is none, all the others do */
    private function benchTested(): array
    {
        if ($this->family->hold !== null) {
            return [$this->isHoldDecided() ? 1 : 0, 1];
        }
        $passed = array_filter($this->tests, fn (TestRecord $t): bool => $t->passed && isset($this->family->tests[$t->test]));

        return [count($passed), count($this->family->tests)];
    }

    private function isHoldDecided(): bool
    {
        $last = $this->holds[count($this->holds) - 1] ?? null;

        return $last?->verdict === \DustyJet\HoldTest\Verdict::Holds;
    }

    /** @param  callable(AdjusterState): bool  $is */
    private function countAdjusters(callable $is): int
    {
        return count(array_filter($this->adjusters, $is));
    }
}

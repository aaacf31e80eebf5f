<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

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

    /** @var array<string, DateTimeImmutable> */
    private array $stepsDone = [];

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

    private ?Entry $handedBack = null;

    private function __construct(private readonly Family $family, private readonly Log $log)
    {
        $this->adoptAdjusters('', Sense::Fuel);
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
            EntryKind::StepDone => $this->stepDone($entry),
            EntryKind::StepUndone => $this->stepUndone($entry),
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
        $this->intake = Intake::of($entry);
        $this->adoptAdjusters($this->intake->variant, $this->intake->idleSense);
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

    private function stepDone(Entry $entry): void
    {
        $station = Station::tryFrom($entry->text('station'));
        $step = $station === null ? null : $this->family->stepsAt($station)[$entry->text('step')] ?? null;
        if ($station === null || $step === null) {
            return;
        }
        $this->stepsDone[$station->value.'.'.$step->key] = $entry->at;
        $this->touchedAt[$station->value] = $entry->at;
        foreach ($step->touches as $touched) {
            $this->touch($touched, $entry);
        }
    }

    private function stepUndone(Entry $entry): void
    {
        unset($this->stepsDone[$entry->text('station').'.'.$entry->text('step')]);
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
            $this->touch('moved.'.$state->adjuster->key, $entry);
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
            $this->touch('moved.'.$state->adjuster->key, $entry);
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
        foreach ($this->family->stale[$thing] ?? [] as $item) {
            foreach ($this->meant($item) as $key) {
                if ($this->isTaken($key)) {
                    $this->stale[$key] ??= $this->staleItem($key, $this->because($thing, $entry), $entry->at);
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
            return new StaleItem($key, 'Needle hold', $because, $since, Station::BenchTest, 3);
        }
        $state = $this->adjusters[$key === 'idle_speed' ? 'idle_speed' : substr($key, strlen('mixture.'))];

        return new StaleItem($key, $state->adjuster->name.', '.($state->left ?? $state->current()), $because, $since, Station::Run, $state->adjuster->isMixture ? 6 : 2);
    }

    private function because(string $thing, Entry $entry): string
    {
        return match (true) {
            str_starts_with($thing, 'moved.') => ($this->adjusters[substr($thing, 6)]->adjuster->name ?? 'A screw').' was moved',
            $thing === 'needle_seat' => 'Needle or seat was touched',
            $thing === 'jets' => 'A jet was out or cleaned',
            $thing === 'air_path' => 'Air cleaner was off',
            $thing === 'float_tang' => 'Float tang was bent',
            $thing === 'fuel' => 'Fuel was changed',
            $thing === 'idle_mixture_screw' => 'Idle mixture screw was out',
            default => 'Something it rests on was touched',
        }.' at '.($entry->kind === EntryKind::StepDone ? Station::tryFrom($entry->text('station'))?->label() : 'the bench');
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

        return new Worksheet($this->family, $this->log, $this->intake, $this->adjusters, $this->stepsDone, $this->holds, array_values($this->stale), $this->overrides, $checks, $this->handedBack?->at, $this->handedBack?->textOrNull('advice'), $stations, array_values($this->told), array_keys($this->checksDone), array_keys($this->repaired), $this->flowSteps, $this->photos);
    }

    /** @param  array<string, CheckState>  $checks */
    private function stationState(Station $station, array $checks): StationState
    {
        [$done, $of] = match (true) {
            $station === Station::Intake => [$this->intake === null ? 0 : 1, 1],
            $station === Station::AsFound => [$this->countAdjusters(static fn (AdjusterState $s): bool => $s->found !== null), count($this->adjusters)],
            $station === Station::BenchTest => [$this->isHoldDecided() ? 1 : 0, 1],
            $station === Station::Set => [$this->countAdjusters(static fn (AdjusterState $s): bool => $s->set !== null), count($this->adjusters)],
            $station === Station::Run => [$this->countAdjusters(static fn (AdjusterState $s): bool => $s->left !== null), count($this->adjusters)],
            $station === Station::HandBack => [$this->handedBack === null ? 0 : 1, 1],
            default => [count(array_filter(array_keys($this->stepsDone), static fn (string $k): bool => str_starts_with($k, $station->value.'.'))), count($this->family->stepsAt($station))],
        };
        $stale = count(array_filter($this->stale, static fn (StaleItem $s): bool => $s->station === $station));
        $doneAt = match (true) {
            $done < $of => null,
            $station === Station::HandBack => $this->handedBack?->at,
            default => $this->touchedAt[$station->value] ?? null,
        };

        return new StationState($doneAt, $stale, $done, $of, $this->family->minutesAt($station));
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

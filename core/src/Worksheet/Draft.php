<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\EntryKind;
use DustyJet\BenchLog\LogMovedOn;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

/** An entry someone wants to add, judged against the sheet as it stands before it is stored. */
final readonly class Draft
{
    private const MOST_OF_ONE_PART = 99;

    /** @param  array<string, mixed>  $payload */
    public function __construct(public EntryKind $kind, public array $payload, public ?string $supersedes = null)
    {
    }

    /**
     * @param  int  $seen how long the log was when its author looked
     *
     * @throws \DustyJet\Rejected If the entry means nothing here, comes too late, or rests on a log that has moved on.
     */
    public function refuseUnlessMeantFor(Worksheet $sheet, int $seen): void
    {
        $this->kind->check($this->payload);
        $sheet->log->refuseBadCorrection($this->kind, $this->supersedes);
        $this->refuseAfterHandBack($sheet);
        $this->refuseUnknownNames($sheet);
        $this->refuseImpossibleValues();
        $this->refuseIfMovedOn($sheet, $seen);
        match ($this->kind) {
            EntryKind::ScrewCounted => $this->refuseLateCount($sheet),
            EntryKind::StaleOverridden => $sheet->isStale($this->word('item')) || throw NotAllowedNow::notStale($this->word('item')),
            EntryKind::PartOff, EntryKind::PartOn, EntryKind::PartMissing, EntryKind::PartUnexpected, EntryKind::PartAccounted => $this->refusePart($sheet),
            EntryKind::PartInspected => $this->refuseVerdict($sheet),
            EntryKind::ClockEnded => ($sheet->rebuild->clocks[$this->word('clock')] ?? null)?->endedAt === null || throw NotAllowedNow::clockNotRunning(),
            EntryKind::PromiseKept => ($sheet->rebuild->promises[$this->word('promise')] ?? null)?->result === null || throw NotAllowedNow::promiseKept(),
            EntryKind::Struck => $this->refuseStrikeUnderneath($sheet),
            EntryKind::HandedBack => $sheet->gates() === [] || throw NotAllowedNow::gated($sheet->gates()),
            default => null,
        };
    }

    /** @throws NotAllowedNow */
    private function refuseAfterHandBack(Worksheet $sheet): void
    {
        if ($sheet->handedBackAt !== null && $this->kind !== EntryKind::NoteAdded) {
            throw NotAllowedNow::handedBack();
        }
    }

    /** @throws UnreadableEntry */
    private function refuseUnknownNames(Worksheet $sheet): void
    {
        if (isset($this->payload['adjuster'])) {
            isset($sheet->adjusters[$this->word('adjuster')]) || throw UnreadableEntry::unknownName('screw', $this->word('adjuster'));
        }
        if (isset($this->payload['station'])) {
            Station::tryFrom($this->word('station')) !== null || throw UnreadableEntry::unknownName('station', $this->word('station'));
        }
        match ($this->kind) {
            EntryKind::PartInspected => isset($sheet->family->inspectionsOf($sheet->intake->variant ?? '')[$this->word('inspection')]) || throw UnreadableEntry::unknownName('inspection', $this->word('inspection')),
            EntryKind::LinkNoted => isset($sheet->family->links[$this->word('link')]) || throw UnreadableEntry::unknownName('link', $this->word('link')),
            EntryKind::TestDone => isset($sheet->family->tests[$this->word('test')]) || throw UnreadableEntry::unknownName('test', $this->word('test')),
            EntryKind::ClockStarted => isset($sheet->family->clocks[$this->word('clock')]) || throw UnreadableEntry::unknownName('clock', $this->word('clock')),
            EntryKind::PromiseKept => isset($sheet->rebuild->promises[$this->word('promise')]) || throw UnreadableEntry::unknownName('promise', $this->word('promise')),
            EntryKind::ClockEnded => isset($sheet->rebuild->clocks[$this->word('clock')]) || throw UnreadableEntry::unknownName('clock', $this->word('clock')),
            EntryKind::ThingTouched => isset($sheet->family->stale[$this->word('thing')]) || throw UnreadableEntry::unknownName('action', $this->word('thing')),
            EntryKind::CheckDone => isset($sheet->family->checks[$this->word('check')]) || throw UnreadableEntry::unknownName('check', $this->word('check')),
            EntryKind::PhotoPinned => isset($sheet->photos[$this->word('photo')]) || throw UnreadableEntry::unknownName('photo', $this->word('photo')),
            EntryKind::SchoolChosen => School::tryFrom($this->word('school')) !== null || throw UnreadableEntry::unknownName('school', $this->word('school')),
            EntryKind::IntakeTaken => (isset($sheet->family->variants[$this->word('variant')]) && Sense::tryFrom($this->word('idle_sense')) !== null) || throw UnreadableEntry::unknownName('variant', $this->word('variant')),
            default => null,
        };
    }

    /** @throws \DustyJet\Rejected */
    private function refuseImpossibleValues(): void
    {
        if (is_int($this->payload['units'] ?? null)) {
            Turns::ofUnits($this->payload['units']);
        }
        foreach (['across', 'down'] as $side) {
            $share = $this->payload[$side] ?? 0;
            (is_int($share) || is_float($share)) && $share >= 0 && $share <= 1 || throw NotAllowedNow::offThePhoto();
        }
        $minutes = $this->payload['minutes'] ?? 1;
        (is_int($minutes) && $minutes >= 1 && $minutes <= ClockRecord::LONGEST_MINUTES) || throw NotAllowedNow::clockTooLong();
        $count = $this->payload['count'] ?? 1;
        (is_int($count) && $count >= 1 && $count <= self::MOST_OF_ONE_PART) || throw NotAllowedNow::countedWrong();
        $rpm = $this->payload['rpm'] ?? null;
        if (is_int($rpm) || is_float($rpm)) {
            RotationalSpeed::ofRpm((float) $rpm);
        }
    }

    /** @throws LogMovedOn */
    private function refuseIfMovedOn(Worksheet $sheet, int $seen): void
    {
        if ($this->kind->commutes()) {
            return;
        }
        foreach ($sheet->log->entries as $entry) {
            if ($entry->seq > $seen && $this->clashesWith($entry)) {
                throw LogMovedOn::by($entry->by, str_replace('_', ' ', $entry->kind->value));
            }
        }
    }

    /** A setting clashes with a newer reading or setting of the same screw; a hand-back or strike with anything. */
    private function clashesWith(Entry $entry): bool
    {
        return match ($this->kind) {
            EntryKind::ScrewSet => in_array($entry->kind, [EntryKind::ScrewSet, EntryKind::SpeedRead], true) && $entry->text('adjuster') === $this->word('adjuster'),
            EntryKind::IntakeTaken => $entry->kind === EntryKind::IntakeTaken,
            default => $entry->kind !== EntryKind::NoteAdded,
        };
    }

    /** @throws NotAllowedNow */
    private function refuseLateCount(Worksheet $sheet): void
    {
        $state = $sheet->adjusters[$this->word('adjuster')];
        ! $sheet->rebuild->wasOut($state->adjuster->key) || throw NotAllowedNow::countedTooLate($state->adjuster->name);
    }

    /** @throws \DustyJet\Rejected If the part cannot come off or go in now. */
    private function refusePart(Worksheet $sheet): void
    {
        $before = $this->supersedes === null ? $sheet->rebuild->build : $this->without($sheet, $this->supersedes)->build;
        TrayLog::apply($before, Entry::of('', 0, $this->kind, $this->payload, new DateTimeImmutable('@0'), ''));
    }

    /** @throws NotAllowedNow If a later part rests on the struck one. */
    private function refuseStrikeUnderneath(Worksheet $sheet): void
    {
        $now = TrayLog::of($sheet->rebuild->build->tray->plan, $sheet->log->effective())->refused;
        foreach ($this->without($sheet, $this->supersedes ?? '')->refused as $id => $why) {
            isset($now[$id]) || throw NotAllowedNow::othersRestOnIt($why);
        }
    }

    private function without(Worksheet $sheet, string $id): TrayLog
    {
        return TrayLog::of($sheet->rebuild->build->tray->plan, array_values(array_filter($sheet->log->effective(), static fn (Entry $e): bool => $e->id !== $id)));
    }

    /** @throws \DustyJet\Rejected */
    private function refuseVerdict(Worksheet $sheet): void
    {
        $condition = Condition::tryFrom($this->word('condition')) ?? throw UnreadableEntry::unknownName('verdict', $this->word('condition'));
        if ($condition === Condition::Scrap) {
            $sheet->family->inspections[$this->word('inspection')]->scraps || throw NotAllowedNow::notScrap();
            $this->word('reason') !== '' || throw NotAllowedNow::needsReason();
        }
    }

    private function word(string $field): string
    {
        $value = $this->payload[$field] ?? null;

        return is_string($value) ? $value : '';
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Inspection;
use DustyJet\StripAndBuild\Build;

/** The carburetor as it lies on the bench: tray, what is back on, what was found by looking, and the clocks that run. */
final readonly class Rebuild
{
    /**
     * @param  DateTimeImmutable|null  $stripEndedAt when someone said that this is as far as it comes apart
     * @param  array<string, InspectionRecord>  $inspected
     * @param  array<string, int>  $placedSeq entry that put a part on, by part
     * @param  array<string, LinkNote>  $linkNotes the last of each
     * @param  array<string, TestRecord>  $tests
     * @param  array<string, ClockRecord>  $clocks by the entry that started them
     * @param  array<string, Promise>  $promises by the entry that made them
     */
    public function __construct(
        private Family $family,
        private string $variant,
        public Build $build,
        public ?DateTimeImmutable $stripEndedAt,
        public array $inspected,
        public array $placedSeq,
        public array $linkNotes,
        public array $tests,
        public array $clocks,
        public array $promises,
    ) {
    }

    public function isStripped(): bool
    {
        return $this->stripEndedAt !== null || $this->build->tray->unaccounted() === [];
    }

    public function isBegun(): bool
    {
        return $this->build->tray->off() !== [];
    }

    /** Whether everything that came off is back or accounted for; a carburetor never opened is whole. */
    public function isWhole(): bool
    {
        return $this->isStripped() && $this->build->isDone();
    }

    /** @return array<string, Inspection> what there is to look at: all of it until the strip is ended, then what came off */
    public function inspections(): array
    {
        $all = $this->family->inspectionsOf($this->variant);
        if ($this->stripEndedAt === null) {
            return $all;
        }
        $off = $this->build->tray->off();

        return array_filter($all, fn (Inspection $i): bool => isset($this->inspected[$i->key]) || array_intersect($i->parts, $off) !== []);
    }

    /** @return array<string, Inspection> not judged yet */
    public function uninspected(): array
    {
        return array_diff_key($this->inspections(), $this->inspected);
    }

    /** @return list<Inspection> what scraps the body by the last word on it */
    public function scrapped(): array
    {
        return array_values(array_filter($this->inspections(), fn (Inspection $i): bool => ($this->inspected[$i->key]->condition ?? null) === Condition::Scrap));
    }

    /** @return list<PartNeeded> new parts by the verdicts and by what was never found, one line each */
    public function partsNeeded(): array
    {
        $needed = [];
        foreach ($this->inspected as $key => $record) {
            $inspection = $this->family->inspections[$key] ?? null;
            if ($inspection !== null && $record->condition === Condition::Replace) {
                $name = $inspection->new ?? $inspection->do;
                $tray = array_values(array_filter($inspection->parts, fn (string $p): bool => $this->build->tray->has($p)))[0] ?? null;
                $isFitted = $tray !== null && ($this->placedSeq[$tray] ?? 0) > $record->seq;
                $needed[$name] ??= new PartNeeded($name, $record->reason ?? 'By inspection', in_array($name, $this->family->kit->has, true), $isFitted);
            }
        }
        foreach ($this->build->tray->notSeen as $part => $said) {
            $name = $this->build->tray->plan->parts[$part]->name;
            $needed[$name] ??= new PartNeeded($name, "Never found: {$said}", in_array($name, $this->family->kit->has, true), isset($this->build->accounted[$part]));
        }

        return array_values($needed);
    }

    /** @return list<ClockRecord> still running or due, soonest first */
    public function runningClocks(): array
    {
        $running = array_values(array_filter($this->clocks, static fn (ClockRecord $c): bool => $c->endedAt === null));
        usort($running, static fn (ClockRecord $a, ClockRecord $b): int => $a->dueAt() <=> $b->dueAt());

        return $running;
    }

    /** @return list<Promise> not kept yet */
    public function openPromises(): array
    {
        return array_values(array_filter($this->promises, static fn (Promise $p): bool => $p->result === null));
    }

    /** Whether a screw came out, so that it can no longer be counted as found. */
    public function wasOut(string $adjuster): bool
    {
        foreach ($this->build->tray->plan->parts as $part) {
            if (in_array($adjuster, $part->adjusters, true) && in_array($part->key, $this->build->tray->off(), true)) {
                return true;
            }
        }

        return false;
    }
}

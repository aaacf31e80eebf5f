<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Inspection;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Strip\Parts;

/** New parts by the verdicts and by what was never found. */
final readonly class PartsList
{
    private function __construct(private Bench $bench, private Parts $parts)
    {
    }

    /** @return list<PartNeeded> one line for each part */
    public static function of(Bench $bench): array
    {
        $list = new self($bench, $bench->of(Parts::class));
        $needed = [];
        foreach ([...$list->byVerdict(), ...$list->neverFound()] as $part) {
            $needed[$part->name] ??= $part;
        }

        return array_values($needed);
    }

    /** @return list<string> inspections whose new part is in */
    public static function fitted(Bench $bench): array
    {
        $fitted = [];
        foreach ((new self($bench, $bench->of(Parts::class)))->byVerdict() as $part) {
            $fitted = $part->isFitted && $part->inspection !== null ? [...$fitted, $part->inspection] : $fitted;
        }

        return $fitted;
    }

    /** @return list<PartNeeded> */
    private function byVerdict(): array
    {
        $needed = [];
        foreach ($this->bench->of(Inspected::class)->records as $key => $record) {
            $inspection = $this->bench->family->teardown->inspections[$key] ?? null;
            $isNew = in_array($record->condition, [Condition::Replace, Condition::Renewed], true);
            if ($inspection !== null && $isNew) {
                $name = $inspection->new ?? $inspection->do;
                $reason = $record->reason ?? 'By inspection';
                $needed[] = new PartNeeded($name, $reason, $this->isInKit($name), $this->isFitted($inspection, $record), $key);
            }
        }

        return $needed;
    }

    /** @return list<PartNeeded> */
    private function neverFound(): array
    {
        $build = $this->parts->build;
        $needed = [];
        foreach ($build->tray->notSeen as $part => $said) {
            $name = $build->tray->plan->parts[$part]->name;
            $isFitted = isset($build->accounted[$part]);
            $needed[] = new PartNeeded($name, "Never found: {$said}", $this->isInKit($name), $isFitted);
        }

        return $needed;
    }

    /**
     * A new part counts as fitted when somebody says so, or when its own place on the tray was emptied after the
     * verdict: what it hangs on may go back without it.
     */
    private function isFitted(Inspection $inspection, InspectionRecord $record): bool
    {
        if ($record->condition === Condition::Renewed) {
            return true;
        }
        foreach ($inspection->effects->fittedAs as $part) {
            if ($this->parts->build->tray->has($part)) {
                return ($this->parts->placedSeq[$part] ?? 0) > $record->seq;
            }
        }

        return false;
    }

    private function isInKit(string $name): bool
    {
        return in_array($name, $this->bench->family->teardown->kit->has, true);
    }
}

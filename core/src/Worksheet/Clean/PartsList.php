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

    /** @return list<PartNeeded> */
    private function byVerdict(): array
    {
        $needed = [];
        foreach ($this->bench->of(Inspected::class)->records as $key => $record) {
            $inspection = $this->bench->family->teardown->inspections[$key] ?? null;
            if ($inspection !== null && $record->condition === Condition::Replace) {
                $name = $inspection->new ?? $inspection->do;
                $isFitted = $this->isFittedSince($inspection, $record->seq);
                $needed[] = new PartNeeded($name, $record->reason ?? 'By inspection', $this->isInKit($name), $isFitted);
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

    /** A new part counts as fitted when its place on the tray was emptied after the verdict. */
    private function isFittedSince(Inspection $inspection, int $seq): bool
    {
        foreach ($inspection->parts as $part) {
            if ($this->parts->build->tray->has($part)) {
                return ($this->parts->placedSeq[$part] ?? 0) > $seq;
            }
        }

        return false;
    }

    private function isInKit(string $name): bool
    {
        return in_array($name, $this->bench->family->teardown->kit->has, true);
    }
}

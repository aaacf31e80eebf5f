<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Inspection;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Strip\Parts;

/** What there is to look at on this bench, and what came of it. */
final readonly class Inspections
{
    /**
     * @param  array<string, Inspection>  $all
     * @param  array<string, InspectionRecord>  $records
     */
    private function __construct(public array $all, private array $records)
    {
    }

    /** All of the variant until the strip is ended, then what came off. */
    public static function on(Bench $bench): self
    {
        $all = $bench->family->inspectionsOf($bench->of(Ticket::class)->intake->variant ?? '');
        $inspected = $bench->of(Inspected::class);
        $records = $inspected->records;
        if ($inspected->replacedBy !== null) {
            return new self(array_intersect_key($all, $records), $records);
        }
        $parts = $bench->of(Parts::class);
        $off = $parts->build->tray->off();
        $isHere = static fn (Inspection $i): bool => isset($records[$i->key]) || array_intersect($i->parts, $off) !== [];

        return new self($parts->endedAt === null ? $all : array_filter($all, $isHere), $records);
    }

    /** @return array<string, Inspection> not judged yet */
    public function open(): array
    {
        return array_diff_key($this->all, $this->records);
    }

    /** @return list<Inspection> what scraps the body by the last word on it */
    public function scrapped(): array
    {
        $isScrap = fn (Inspection $i): bool => ($this->records[$i->key]->condition ?? null) === Condition::Scrap;

        return array_values(array_filter($this->all, $isScrap));
    }
}

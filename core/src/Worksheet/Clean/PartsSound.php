<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** Parts and passages were looked at, and each is good by its criterion. */
final readonly class PartsSound implements Act
{
    private const MOST = 100;

    /** @param  list<string>  $inspections */
    private function __construct(public array $inspections)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::names('inspections', most: self::MOST));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->names('inspections'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $known = $sheet->family->inspectionsOf($sheet->variant());
        foreach ($this->inspections as $inspection) {
            isset($known[$inspection]) || throw UnreadableEntry::unknownName('inspection', $inspection);
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $inspected = $bench->of(Inspected::class);
        $judged = array_intersect_key($bench->family->teardown->inspections, array_flip($this->inspections));
        foreach ($judged as $inspection) {
            $inspected = $inspected->with(InspectionRecord::in($entry, $inspection->key, Condition::Sound, null));
        }

        return SameLook::judged($bench->with($inspected)->touched(Station::Clean, $entry->at), $entry, $judged);
    }
}

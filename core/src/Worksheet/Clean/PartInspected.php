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
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A part or passage was judged by its criterion. */
final readonly class PartInspected implements Act
{
    private function __construct(
        public string $inspection,
        public ?Condition $condition,
        public ?string $reason,
        private string $word,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('inspection', most: 60),
            Field::text('condition', most: 20),
            Field::text('reason', most: 300)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        $word = $payload->text('condition');
        $condition = Condition::tryFrom($word);

        return new self($payload->text('inspection'), $condition, $payload->textOrNull('reason'), $word);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $inspection = $sheet->family->inspectionsOf($sheet->variant())[$this->inspection] ?? null;
        $inspection ?? throw UnreadableEntry::unknownName('inspection', $this->inspection);
        $this->condition ?? throw UnreadableEntry::unknownName('verdict', $this->word);
        if ($this->condition === Condition::Scrap) {
            $inspection->effects->scraps || throw NotAllowedNow::notScrap();
            $this->reason !== null || throw NotAllowedNow::needsReason();
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $inspection = $bench->family->teardown->inspections[$this->inspection] ?? null;
        if ($inspection === null || $this->condition === null) {
            return $bench;
        }
        $record = InspectionRecord::in($entry, $inspection->key, $this->condition, $this->reason);
        $bench = $bench->with($bench->of(Inspected::class)->with($record))->touched(Station::Clean, $entry->at);
        $bench = SameLook::judged($bench, $entry, [$inspection]);
        foreach ($this->condition === Condition::Sound ? [] : $inspection->effects->touches as $touched) {
            $bench = $bench->disturbed($touched, Station::Clean->label(), $entry->at);
        }

        return $bench;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Stale;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** Something was touched besides the strip and the build. */
final readonly class ThingTouched implements Act
{
    private function __construct(public string $thing)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('thing', most: 40));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('thing'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->upsets->touched[$this->thing]) || throw UnreadableEntry::unknownName('action', $this->thing);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->disturbed($this->thing, 'the bench', $entry->at);
    }
}

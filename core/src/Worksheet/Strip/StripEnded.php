<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** This is as far as it comes apart. */
final readonly class StripEnded implements Act
{
    private function __construct(public ?string $reason)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('reason', most: 200)->optional());
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->textOrNull('reason'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->with($bench->of(Parts::class)->ended($entry->at))->touched(Station::Strip, $entry->at);
    }
}

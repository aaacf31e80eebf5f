<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Waits;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** What the job waited for is here. */
final readonly class WaitEnded implements Exclusive
{
    public static function shape(): Shape
    {
        return Shape::of();
    }

    public static function of(Payload $payload): self
    {
        return new self;
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $sheet->of(Waits::class)->now !== null || throw NotAllowedNow::waitsForNothing();
    }

    public function clashesWith(Act $newer): bool
    {
        return $newer instanceof self || $newer instanceof WaitBegan;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->with(new Waits(null));
    }
}

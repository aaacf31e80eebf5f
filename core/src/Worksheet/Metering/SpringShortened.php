<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** Coils were cut from the tip of the metering spring: it cannot be undone, so it is refused before wet pops. */
final readonly class SpringShortened implements Exclusive
{
    private const MOST_COILS = 10;

    private function __construct(public float $coils)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::number('coils', 0.25, self::MOST_COILS));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->number('coils'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $why = $sheet->of(Metering::class)->forbidsCut();
        $why === null || throw NotAllowedNow::cutting($why);
    }

    public function clashesWith(Act $newer): bool
    {
        return $newer instanceof self || $newer instanceof SpringMeasured;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench
            ->with($bench->of(Metering::class)->cut($this->coils))
            ->doubting([Metering::POP_OFF, Metering::LEVER], 'The metering spring was cut', $entry->at);
    }
}

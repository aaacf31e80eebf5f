<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\FloatLevel;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\FloatLevel\FloatTilt;
use DustyJet\Rejected;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The gaps of the float were measured: front is the end away from the hinge. */
final readonly class FloatMeasured implements Act
{
    private function __construct(
        public float $front,
        public float $rear,
        public float $length,
        public ?float $target,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::number('front_mm', 0, 300),
            Field::number('rear_mm', 0, 300),
            Field::number('length_mm', 1, 300),
            Field::number('target_mm', 0, 300)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->number('front_mm'),
            $payload->number('rear_mm'),
            $payload->number('length_mm'),
            $payload->numberOrNull('target_mm'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $test = $sheet->family->proof->tests[FloatGaps::TEST] ?? throw NotAllowedNow::notOfThisFamily('A float');
        $inTheWay = Machine::on($sheet->bench)->inTheWay($test->needs);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $this->tilt();
    }

    /** Of the front against the card's height, else against the gap at the hinge: mm, positive where it rides high. */
    public function heightError(): float
    {
        return $this->front - ($this->target ?? $this->rear);
    }

    /** @throws Rejected If a number cannot be. */
    public function tilt(): FloatTilt
    {
        return FloatTilt::of($this->front, $this->rear, $this->length);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        try {
            $reading = new FloatReading($this->tilt(), $this->length, $entry->at, $this);
        } catch (Rejected) {
            return $bench;
        }

        return $bench
            ->with($bench->of(FloatGaps::class)->measured($reading))
            ->renewed(FloatGaps::READING)
            ->touched(Station::BenchTest, $entry->at);
    }
}

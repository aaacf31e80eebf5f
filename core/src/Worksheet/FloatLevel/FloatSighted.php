<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\FloatLevel;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\FloatLevel\FloatTilt;
use DustyJet\FloatLevel\SightedLine;
use DustyJet\Rejected;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** Two lines were laid on a photo of the inverted carburetor: along the body face and along the float, hinge first. */
final readonly class FloatSighted implements Act
{
    private const PIXELS = 20_000;

    private function __construct(private SightedLine $face, private SightedLine $float, public float $length)
    {
    }

    public static function shape(): Shape
    {
        $pixel = static fn (string $name): Field => Field::number($name, 0, self::PIXELS);

        return Shape::of(
            $pixel('face_x1'), $pixel('face_y1'), $pixel('face_x2'), $pixel('face_y2'),
            $pixel('float_x1'), $pixel('float_y1'), $pixel('float_x2'), $pixel('float_y2'),
            Field::number('length_mm', 1, 300),
        );
    }

    public static function of(Payload $payload): self
    {
        $line = static fn (string $of): SightedLine => new SightedLine(
            $payload->number("{$of}_x1"),
            $payload->number("{$of}_y1"),
            $payload->number("{$of}_x2"),
            $payload->number("{$of}_y2"),
        );

        return new self($line('face'), $line('float'), $payload->number('length_mm'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $test = $sheet->family->proof->tests[FloatGaps::TEST] ?? throw NotAllowedNow::notOfThisFamily('A float');
        $inTheWay = Machine::on($sheet->bench)->inTheWay($test->needs);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $this->tilt();
    }

    /** @throws Rejected If a line is a point. */
    public function tilt(): FloatTilt
    {
        return FloatTilt::sighted($this->face, $this->float, $this->length);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        try {
            $reading = new FloatReading($this->tilt(), $this->length, $entry->at);
        } catch (Rejected) {
            return $bench;
        }

        return $bench
            ->with($bench->of(FloatGaps::class)->measured($reading))
            ->renewed(FloatGaps::READING)
            ->touched(Station::BenchTest, $entry->at);
    }
}

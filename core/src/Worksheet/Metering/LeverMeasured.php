<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Metering\LeverDatum;
use DustyJet\Metering\LeverHeight;
use DustyJet\Rejected;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The metering lever was measured from its datum. */
final readonly class LeverMeasured implements Act
{
    private function __construct(
        public float $measured,
        public float $target,
        public float $tolerance,
        public LeverDatum $datum,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::number('measured_mm', -50, 50),
            Field::number('target_mm', -50, 50),
            Field::number('tolerance_mm', 0, 50),
            Field::text('datum')->among('down', 'up')->otherwise('down'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->number('measured_mm'),
            $payload->number('target_mm'),
            $payload->number('tolerance_mm'),
            LeverDatum::tryFrom($payload->text('datum')) ?? LeverDatum::Down,
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $test = $sheet->family->proof->tests[Metering::LEVER] ?? throw NotAllowedNow::notOfThisFamily('A metering lever');
        $inTheWay = Machine::on($sheet->bench)->inTheWay($test->needs);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $this->height();
    }

    /** @throws Rejected If a number cannot be. */
    public function height(): LeverHeight
    {
        return LeverHeight::of($this->measured, $this->target, $this->tolerance, $this->datum);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        try {
            $height = $this->height();
        } catch (Rejected) {
            return $bench;
        }
        $reading = new LeverReading($this->measured, $this->target, $this->tolerance, $this->datum, $height, $entry->at);

        return $bench
            ->with($bench->of(Metering::class)->levelled($reading))
            ->renewed(Metering::LEVER)
            ->touched(Station::BenchTest, $entry->at);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Fuel\Delivery;
use DustyJet\Fuel\FuelDemand;
use DustyJet\Fuel\SeatFlow;
use DustyJet\Rejected;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** What the line delivers into a can was measured against the clock. */
final readonly class DeliveryMeasured implements Act
{
    private function __construct(
        public float $millilitres,
        public float $seconds,
        public ?float $kilowatts,
        public int $strokes,
        public ?float $seatMillimetres,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::number('volume_ml', 0, 20_000),
            Field::number('seconds', 1, 3600),
            Field::number('power_kw', 0.01, 200)->optional(),
            Field::text('strokes')->among('4', '2')->otherwise('4'),
            Field::number('seat_mm', 0.1, 20)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->number('volume_ml'),
            $payload->number('seconds'),
            $payload->numberOrNull('power_kw'),
            $payload->text('strokes') === '2' ? 2 : 4,
            $payload->numberOrNull('seat_mm'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->proof->tests[Deliveries::READING]) || throw NotAllowedNow::notOfThisFamily('A fuel line');
        $this->flows();
    }

    /**
     * @return array{0: Delivery, 1: FuelDemand|null, 2: SeatFlow|null}
     *
     * @throws Rejected If a number cannot be.
     */
    private function flows(): array
    {
        return [
            Delivery::of($this->millilitres, $this->seconds),
            $this->kilowatts === null ? null : FuelDemand::of($this->kilowatts, $this->strokes),
            $this->seatMillimetres === null ? null : SeatFlow::ofDiameter($this->seatMillimetres),
        ];
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        try {
            $reading = new DeliveryReading(...$this->flows(), typed: $this, at: $entry->at);
        } catch (Rejected) {
            return $bench;
        }

        return $bench
            ->with($bench->of(Deliveries::class)->measured($reading))
            ->renewed(Deliveries::READING)
            ->touched(Station::BenchTest, $entry->at);
    }
}

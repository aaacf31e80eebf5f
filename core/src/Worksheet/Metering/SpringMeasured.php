<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Metering\SpringEnds;
use DustyJet\Metering\SpringMaterial;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The metering spring was measured, as it is now. */
final readonly class SpringMeasured implements Act
{
    private function __construct(public SpringMeasures $measures)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::number('wire_mm', 0.05, 10),
            Field::number('coil_mm', 0.2, 100),
            Field::number('active_coils', 1, 200),
            Field::number('free_mm', 0.5, 200),
            Field::number('installed_mm', 0.5, 200),
            Field::text('ends')->among('squared', 'plain')->otherwise('squared'),
            Field::text('material')->among('music_wire', 'stainless_302')->otherwise('music_wire'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(new SpringMeasures(
            $payload->number('wire_mm'),
            $payload->number('coil_mm'),
            $payload->number('active_coils'),
            $payload->number('free_mm'),
            $payload->number('installed_mm'),
            SpringEnds::tryFrom($payload->text('ends')) ?? SpringEnds::Squared,
            SpringMaterial::tryFrom($payload->text('material')) ?? SpringMaterial::MusicWire,
        ));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->proof->tests[Metering::POP_OFF]) || throw NotAllowedNow::notOfThisFamily('A metering spring');
        // No spring that cannot be wound is kept.
        $this->measures->spring();
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench
            ->with($bench->of(Metering::class)->sprung($this->measures))
            ->touched(Station::BenchTest, $entry->at);
    }
}

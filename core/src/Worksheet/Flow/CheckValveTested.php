<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The check valve was tried both ways: vacuum must hold, pressure must pass. */
final readonly class CheckValveTested implements Act
{
    private function __construct(public bool $isInBody, public bool $holdsVacuum, public bool $passesPressure)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('where')->among('in_body', 'out_of_body')->orSay('Say whether it was in the body or out of it.'),
            Field::flag('holds_vacuum'),
            Field::flag('passes_pressure'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->text('where') !== 'out_of_body',
            $payload->flag('holds_vacuum'),
            $payload->flag('passes_pressure'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->proof->tests[CheckValve::READING]) || throw NotAllowedNow::notOfThisFamily('A check valve');
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $trial = new ValveTrial($this->isInBody, $this->holdsVacuum, $this->passesPressure, $entry->at);

        return $bench
            ->with($bench->of(CheckValve::class)->with($trial))
            ->renewed(CheckValve::READING)
            ->touched(Station::BenchTest, $entry->at);
    }
}

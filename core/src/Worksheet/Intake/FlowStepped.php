<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Worksheet\AsksCatalogue;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** A step of a procedure was done, or tried once more. */
final readonly class FlowStepped implements AsksCatalogue
{
    private function __construct(public string $flow, public string $step, public bool $worked)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('flow', most: 60), Field::text('step', most: 60), Field::flag('worked'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('flow'), $payload->text('step'), $payload->flag('worked'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function refuseUnlessKnown(Catalogue $catalogue, CarburetorKind $kind): void
    {
        $flow = $catalogue->flowsOf($kind)[$this->flow] ?? null;
        isset($flow->steps[$this->step]) || throw UnreadableEntry::unknownName('step', $this->step);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->with($bench->of(Findings::class)->stepped($this->flow, $this->step, $this->worked));
    }
}

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

/** A suspect was cured. */
final readonly class FaultRepaired implements AsksCatalogue
{
    private function __construct(public string $fault)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('fault', most: 60));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('fault'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function refuseUnlessKnown(Catalogue $catalogue, CarburetorKind $kind): void
    {
        isset($catalogue->faultsOf($kind)[$this->fault]) || throw UnreadableEntry::unknownName('fault', $this->fault);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->with($bench->of(Findings::class)->cured($this->fault));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Worksheet\AsksCatalogue;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** One finding was answered. */
final readonly class FindingNoted implements AsksCatalogue
{
    private function __construct(public Answered $answered)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('finding', most: 60), Field::text('answer', most: 20));
    }

    public static function of(Payload $payload): self
    {
        return new self(new Answered($payload->text('finding'), $payload->text('answer')));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function refuseUnlessKnown(Catalogue $catalogue, CarburetorKind $kind): void
    {
        $this->answered->refuseUnlessKnown($catalogue, $kind);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $answer = $this->answered->answer;

        return $answer === null
            ? $bench
            : $bench->with($bench->of(Findings::class)->telling(Told::in($entry, $this->answered->finding, $answer)));
    }
}

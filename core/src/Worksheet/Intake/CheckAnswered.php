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

/** A check was done, and answers one or two findings. */
final readonly class CheckAnswered implements AsksCatalogue
{
    /** @param  list<Answered>  $answers */
    private function __construct(public string $check, public array $answers)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('check', most: 60), Field::map('answers'));
    }

    public static function of(Payload $payload): self
    {
        $answers = [];
        foreach ($payload->map('answers') as $finding => $word) {
            $answers[] = new Answered((string) $finding, is_string($word) ? $word : '');
        }

        return new self($payload->text('check'), $answers);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function refuseUnlessKnown(Catalogue $catalogue, CarburetorKind $kind): void
    {
        $known = $catalogue->checksOf($kind)[$this->check] ?? throw UnreadableEntry::unknownName('check', $this->check);
        $this->answers !== [] || throw UnreadableEntry::unknownName('answer', '');
        foreach ($this->answers as $answered) {
            $isAsked = in_array($answered->finding, $known->answers, true);
            $isAsked || throw UnreadableEntry::unknownName('finding', $answered->finding);
            $answered->refuseUnlessKnown($catalogue, $kind);
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $findings = $bench->of(Findings::class)->looked($this->check);
        foreach ($this->answers as $answered) {
            $findings = $answered->answer === null
                ? $findings
                : $findings->telling(Told::in($entry, $answered->finding, $answered->answer));
        }

        return $bench->with($findings);
    }
}

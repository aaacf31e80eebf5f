<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\HandBack;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Aside;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The machine went back to its owner. Nothing but a note may follow. */
final readonly class HandedBack implements Exclusive
{
    private function __construct(private ?string $advice)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('advice', most: 2000)->optional());
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->textOrNull('advice'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $gates = $sheet->gates();
        $gates === [] || throw NotAllowedNow::gated($gates);
    }

    public function clashesWith(Act $newer): bool
    {
        return ! $newer instanceof Aside;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->with($bench->of(Proofs::class)->handedBack($entry->at, $this->advice));
    }
}

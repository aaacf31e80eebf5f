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
use DustyJet\Worksheet\Worksheet;

/** The machine went back as it is, and why. It proves nothing, and nothing but a note may follow. */
final readonly class ReturnedUnrepaired implements Exclusive
{
    private function __construct(public string $reason)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('reason', most: 400)->orSay('Say why it goes back unrepaired: it stands in the report.'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('reason'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function clashesWith(Act $newer): bool
    {
        return ! $newer instanceof Aside;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench->with($bench->of(Proofs::class)->returned($entry->at, $this->reason));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Promises;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** A check was put off. */
final readonly class CheckPromised implements Act
{
    private function __construct(public string $what)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('what', most: 200)->orSay('Say what is to be checked later.'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('what'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $promise = new Promise($entry->id, $this->what, $entry->at, $entry->by);

        return $bench->with($bench->of(Promises::class)->with($promise));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Promises;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A check that was put off was done after all. */
final readonly class PromiseKept implements Act
{
    private function __construct(private string $madeBy, public string $result)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::uuid('promise'), Field::text('result', most: 200)->orSay('Say what came of it.'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('promise'), $payload->text('result'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $promise = $sheet->of(Promises::class)->all[$this->madeBy] ?? null;
        $promise ?? throw UnreadableEntry::unknownName('promise', $this->madeBy);
        $promise->result === null || throw NotAllowedNow::promiseKept();
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $promises = $bench->of(Promises::class);
        $promise = $promises->all[$this->madeBy] ?? null;

        return $promise === null ? $bench : $bench->with($promises->with($promise->kept($this->result)));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Balancing;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** Which carburetor of a bank has no balance screw of its own: the others are set to it. */
final readonly class ReferenceNamed implements Act
{
    private function __construct(public string $carburetor)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('carburetor', most: 40));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('carburetor'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $bank = Ticket::bankOf($sheet->bench);
        $bank === [] && throw NotAllowedNow::notOfThisFamily('A bank of carburetors');
        isset($bank[$this->carburetor]) || throw UnreadableEntry::unknownName('carburetor', $this->carburetor);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return isset(Ticket::bankOf($bench)[$this->carburetor])
            ? $bench->with($bench->of(Balancing::class)->referring($this->carburetor))
            : $bench;
    }
}

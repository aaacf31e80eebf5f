<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\HandBack;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A check before the hand-back was done. */
final readonly class CheckDone implements Act
{
    private function __construct(public string $check, public bool $passed, private ?float $rpm)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('check', most: 40),
            Field::flag('passed'),
            Field::rpm()->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('check'), $payload->flag('passed'), $payload->numberOrNull('rpm'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $check = $sheet->family->proof->checks[$this->check]
            ?? throw UnreadableEntry::unknownName('check', $this->check);
        $inTheWay = Machine::on($sheet->bench)->inTheWay($check->needs);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        if ($this->rpm !== null) {
            RotationalSpeed::ofRpm($this->rpm);
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $proofs = $bench->of(Proofs::class);
        $state = $proofs->checks[$this->check] ?? null;
        $bench = $bench->touched(Station::HandBack, $entry->at);

        return $state === null
            ? $bench
            : $bench->with($proofs->with($state->done($this->passed, $this->rpm, $entry->at)));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Clean\SameLook;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A test that is looked at was done. */
final readonly class TestDone implements Act
{
    private function __construct(public string $test, public bool $passed, private ?string $note)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('test', most: 60),
            Field::flag('passed'),
            Field::text('note', most: 300)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('test'), $payload->flag('passed'), $payload->textOrNull('note'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $test = $sheet->family->proof->tests[$this->test] ?? throw UnreadableEntry::unknownName('test', $this->test);
        $inTheWay = Machine::on($sheet->bench)->inTheWay($test->needs);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $record = new TestRecord($this->test, $this->passed, $this->note, $entry->id, $entry->at);

        $bench = $bench->with($bench->of(Tests::class)->with($record))->touched(Station::BenchTest, $entry->at);

        return SameLook::tested($bench, $entry, $this->test, $this->passed);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Starting;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Clocks\ClockRecord;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** It was pulled or cranked. Once it runs, the clock of the warm-up does too. */
final readonly class StartTried implements Act
{
    private const MOST_PULLS = 60;

    private function __construct(public StartOutcome $outcome, public ?int $pulls)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('outcome')->among(...array_column(StartOutcome::cases(), 'value')),
            Field::integer('pulls', 1, self::MOST_PULLS)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            StartOutcome::tryFrom($payload->text('outcome')) ?? StartOutcome::Nothing,
            $payload->integerOrNull('pulls'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $inTheWay = Machine::on($sheet->bench)->inTheWay(Need::Whole);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $bench = $bench->with($bench->of(Starting::class)->tried($this))->touched(Station::Run, $entry->at);
        $warm = $bench->family->guidance->clocks[Starting::CLOCK] ?? null;
        if ($this->outcome !== StartOutcome::Runs || $warm === null) {
            return $bench;
        }
        $clock = new ClockRecord($entry->id, $warm->key, $warm->name, null, $entry->at, $warm->minutes);

        return $bench->with($bench->of(Clocks::class)->with($clock));
    }
}

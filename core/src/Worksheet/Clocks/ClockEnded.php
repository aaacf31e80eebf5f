<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clocks;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A wait was over, or called off. */
final readonly class ClockEnded implements Act
{
    private function __construct(private string $startedBy)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::uuid('clock'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('clock'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $clock = $sheet->of(Clocks::class)->all[$this->startedBy] ?? null;
        $clock ?? throw UnreadableEntry::unknownName('clock', $this->startedBy);
        $clock->endedAt === null || throw NotAllowedNow::clockNotRunning();
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $clocks = $bench->of(Clocks::class);
        $clock = $clocks->all[$this->startedBy] ?? null;

        return $clock === null ? $bench : $bench->with($clocks->with($clock->ended($entry->at)));
    }
}

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
use DustyJet\Worksheet\Clean\SameLook;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A wait began. */
final readonly class ClockStarted implements Act
{
    private function __construct(public string $clock, public int $minutes, public ?string $what)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('clock', most: 40),
            Field::integer('minutes', 1, ClockRecord::LONGEST_MINUTES),
            Field::text('what', most: 120)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('clock'), $payload->integer('minutes'), $payload->textOrNull('what'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->guidance->clocks[$this->clock]) || throw UnreadableEntry::unknownName('clock', $this->clock);
        $this->minutes === $this->withinADay() || throw NotAllowedNow::clockTooLong();
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $name = $bench->family->guidance->clocks[$this->clock]->name ?? 'Clock';
        $clock = new ClockRecord(
            $entry->id, $this->clock, $name, $this->what, $entry->at, $this->withinADay(),
        );

        $bench = $bench->with($bench->of(Clocks::class)->with($clock));

        return Clocks::loosens($this->clock) ? SameLook::bathed($bench) : $bench;
    }

    private function withinADay(): int
    {
        return max(1, min(ClockRecord::LONGEST_MINUTES, $this->minutes));
    }
}

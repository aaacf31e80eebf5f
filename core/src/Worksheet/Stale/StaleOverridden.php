<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Stale;

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

/** A stale reading is trusted all the same: the reason stands in the report. */
final readonly class StaleOverridden implements Exclusive
{
    private function __construct(public string $item, public string $reason)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('item', most: 60),
            Field::text('reason', most: 400, least: 4)->orSay('Give a reason: it stands in the report with your name.'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('item'), $payload->text('reason'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $sheet->of(Staleness::class)->has($this->item) || throw NotAllowedNow::notStale($this->item);
    }

    public function clashesWith(Act $newer): bool
    {
        return ! $newer instanceof Aside;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $reason = "{$this->reason} ({$entry->by})";

        return $bench->with($bench->of(Staleness::class)->overridden($this->item, $reason));
    }
}

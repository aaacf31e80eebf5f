<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Notes;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Aside;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Strip\TrayLog;
use DustyJet\Worksheet\Worksheet;

/** An entry was taken back. It stays in the log; nothing rests on it any more. */
final readonly class Struck implements Exclusive
{
    private function __construct(public ?string $reason)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('reason', most: 400)->optional());
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->textOrNull('reason'));
    }

    /** Refused where a later part rests on the struck one. */
    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $now = TrayLog::of($sheet)->refused;
        foreach (TrayLog::without($sheet, $corrects ?? '')->refused as $id => $why) {
            isset($now[$id]) || throw NotAllowedNow::othersRestOnIt($why);
        }
    }

    public function clashesWith(Act $newer): bool
    {
        return ! $newer instanceof Aside;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench;
    }
}

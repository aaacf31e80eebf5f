<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** A part came off, into its cell; or off again, when it was back on already. */
final readonly class PartOff implements MovesParts
{
    private function __construct(public string $part, public int $count)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('part', most: 60), Field::integer('count', 1, PartMoves::MOST_OF_ONE_PART));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('part'), $payload->integer('count'));
    }

    public function station(): Station
    {
        return Station::Strip;
    }

    public function parts(): array
    {
        return [$this->part];
    }

    public function move(Build $build): Build
    {
        return $build->tray->has($this->part)
            ? $build->reopen($this->part)
            : $build->with($build->tray->takeOff($this->part, $this->count));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects, $this->count);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return PartMoves::on($this, $bench, $entry, Station::Strip->label());
    }
}

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

/** An expected part was not there when its turn came. */
final readonly class PartMissing implements MovesParts
{
    private function __construct(public string $part, public string $said)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('part', most: 60),
            Field::text('said', most: 200)->orSay('Say what you saw instead, such as: not there when it was opened.'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('part'), $payload->text('said'));
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
        return $build->with($build->tray->isMissing($this->part, $this->said));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return PartMoves::on($this, $bench, $entry, Station::Strip->label());
    }
}

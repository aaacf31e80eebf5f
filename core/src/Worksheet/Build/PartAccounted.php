<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Build;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Strip\MovesParts;
use DustyJet\Worksheet\Strip\PartMoves;
use DustyJet\Worksheet\Worksheet;

/** A part that does not go back, and what became of it. */
final readonly class PartAccounted implements MovesParts
{
    private function __construct(public string $part, public string $became)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('part', most: 60),
            Field::text('became', most: 200)->orSay('Say what became of it, such as: new one fitted.'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('part'), $payload->text('became'));
    }

    public function station(): Station
    {
        return Station::Build;
    }

    public function parts(): array
    {
        return [$this->part];
    }

    public function move(Build $build): Build
    {
        return $build->account($this->part, $this->became);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return PartMoves::on($this, $bench, $entry, 'the bench');
    }
}

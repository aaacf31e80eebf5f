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

/** A part came off that the family should not have. */
final readonly class PartUnexpected implements MovesParts
{
    private function __construct(public string $name, public int $count)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('name', most: 80)->orSay('Name the part as you would ask for it.'),
            Field::integer('count', 1, PartMoves::MOST_OF_ONE_PART),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('name'), $payload->integer('count'));
    }

    public function station(): Station
    {
        return Station::Strip;
    }

    public function parts(): array
    {
        return [$this->name];
    }

    public function move(Build $build): Build
    {
        return $build->with($build->tray->unexpected($this->name, max(1, $this->count)));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects, $this->count);
    }

    /** A stranger disturbs nothing, whatever it is called. */
    public function on(Bench $bench, Entry $entry): Bench
    {
        $parts = $bench->of(Parts::class);

        return $bench->with($parts->with($this->move($parts->build)))->touched(Station::Strip, $entry->at);
    }
}

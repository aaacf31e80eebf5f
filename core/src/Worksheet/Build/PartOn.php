<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Build;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\TypedAs;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Strip\MovesParts;
use DustyJet\Worksheet\Strip\PartMoves;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** A part went back on; one with a guard only when what it asks was looked at. */
final readonly class PartOn implements MovesParts
{
    private function __construct(public string $part, public int $count, private bool $looked)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('part', most: 60),
            Field::integer('count', 1, PartMoves::MOST_OF_ONE_PART),
            Field::flag('looked')->typedAs(TypedAs::Boxes),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('part'), $payload->integer('count'), $payload->flag('looked'));
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
        return $build->place($this->part, $this->looked, $this->count);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects, $this->count);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $before = $bench->of(Parts::class)->build;
        $bench = PartMoves::on($this, $bench, $entry, Station::Build->label());
        $parts = $bench->of(Parts::class);

        return $parts->build === $before ? $bench : $bench->with($parts->placedBy($entry->seq, $this->part));
    }
}

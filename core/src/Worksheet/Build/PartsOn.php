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
use DustyJet\Worksheet\Strip\NamedParts;
use DustyJet\Worksheet\Strip\PartMoves;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** Parts went back on one after the other; those with a guard only when what each asks was looked at. */
final readonly class PartsOn implements MovesParts
{
    private function __construct(public NamedParts $named, private bool $looked)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            NamedParts::field(),
            Field::flag('looked')->typedAs(TypedAs::Boxes),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(NamedParts::of($payload), $payload->flag('looked'));
    }

    public function station(): Station
    {
        return Station::Build;
    }

    public function parts(): array
    {
        return $this->named->keys();
    }

    public function move(Build $build): Build
    {
        foreach ($this->named->keys() as $part) {
            $build = $build->place($part, $this->looked, $this->named->count($part));
        }

        return $build;
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects, $this->named->most());
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $before = $bench->of(Parts::class)->build;
        $bench = PartMoves::on($this, $bench, $entry, Station::Build->label());
        $parts = $bench->of(Parts::class);

        return $parts->build === $before ? $bench : $bench->with($parts->placedBy($entry->seq, ...$this->parts()));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** Parts came off one after the other, each into its cell; one that came off twice is named twice. */
final readonly class PartsOff implements MovesParts
{
    private function __construct(public NamedParts $named)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(NamedParts::field());
    }

    public static function of(Payload $payload): self
    {
        return new self(NamedParts::of($payload));
    }

    public function station(): Station
    {
        return Station::Strip;
    }

    public function parts(): array
    {
        return $this->named->keys();
    }

    public function move(Build $build): Build
    {
        $tray = $build->tray;
        foreach ($this->named->keys() as $part) {
            $tray = $tray->takeOff($part, $this->named->count($part));
        }

        return $build->with($tray);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        PartMoves::refuse($this, $sheet, $corrects, $this->named->most());
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return PartMoves::on($this, $bench, $entry, Station::Strip->label());
    }
}

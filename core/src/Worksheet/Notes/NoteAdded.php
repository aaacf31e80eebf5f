<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Notes;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Aside;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** Something worth writing down. */
final readonly class NoteAdded implements Aside
{
    private function __construct(public string $text, private ?string $station)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('text', most: 2000), Field::text('station', most: 20)->optional());
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('text'), $payload->textOrNull('station'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        if ($this->station !== null) {
            Station::tryFrom($this->station) ?? throw UnreadableEntry::unknownName('station', $this->station);
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $bench;
    }
}

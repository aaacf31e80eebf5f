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

/** Something worth writing down; a fact of the record under its name. */
final readonly class NoteAdded implements Aside
{
    private function __construct(public string $text, private ?string $station, private ?string $word)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('text', most: 2000), Field::text('station', most: 20)->optional(), Field::text('fact', most: 40)->optional());
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('text'), $payload->textOrNull('station'), $payload->textOrNull('fact'));
    }

    public function fact(): ?Fact
    {
        return Fact::tryFrom($this->word ?? '');
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $this->word === null || $this->fact() !== null || throw UnreadableEntry::unknownName('fact', $this->word);
        if ($this->station !== null) {
            Station::tryFrom($this->station) ?? throw UnreadableEntry::unknownName('station', $this->station);
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $fact = $this->fact();

        return $fact === null ? $bench : $bench->with($bench->of(Facts::class)->with($fact, $this->text));
    }
}

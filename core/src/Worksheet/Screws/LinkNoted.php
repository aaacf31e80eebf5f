<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** How a rod, spring or hose went, before it came off. */
final readonly class LinkNoted implements Act
{
    private function __construct(public string $link, public string $text)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('link', most: 60), Field::text('text', most: 300));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('link'), $payload->text('text'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->teardown->links[$this->link]) || throw UnreadableEntry::unknownName('link', $this->link);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $note = new LinkNote($this->link, $this->text, $entry->id, $entry->at, $entry->by);

        return $bench->with($bench->of(LinkNotes::class)->with($note));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Waits;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\TypedAs;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\Worksheet;

/** The job lies until a part comes or the customer answers. A second one says it anew. */
final readonly class WaitBegan implements Exclusive
{
    private function __construct(
        public ?WaitsFor $for,
        public string $what,
        private ?string $until,
        private string $word,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('for')->among('part', 'customer')->orSay('Say whether it waits for a part or for the customer.'),
            Field::text('what', most: 200)->orSay('Say which part was ordered, or what was asked.'),
            Field::text('until')->optional()->typedAs(TypedAs::Day),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            WaitsFor::tryFrom($payload->text('for')),
            $payload->text('what'),
            $payload->textOrNull('until'),
            $payload->text('for'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $this->for ?? throw UnreadableEntry::unknownName('wait', $this->word);
    }

    /** Null for what is no day of this century: a file from elsewhere may say anything. */
    public function until(): ?DateTimeImmutable
    {
        $until = DateTimeImmutable::createFromFormat('!Y-m-d', $this->until ?? '');
        $isDay = $until !== false && $until->format('Y-m-d') === $this->until && str_starts_with($this->until, '20');

        return $isDay ? $until : null;
    }

    public function clashesWith(Act $newer): bool
    {
        return $newer instanceof self || $newer instanceof WaitEnded;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        return $this->for === null
            ? $bench
            : $bench->with(new Waits(new Wait($this->for, $this->what, $entry->at, $this->until())));
    }
}

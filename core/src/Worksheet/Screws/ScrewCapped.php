<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\TypedAs;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Worksheet;

/** A screw wears a limiter cap: how far it may be turned. */
final readonly class ScrewCapped implements Act
{
    private const MOST_UNITS = 4800;

    private function __construct(public string $adjuster, public Caps $caps)
    {
    }

    public static function shape(): Shape
    {
        $turns = static fn (string $name): Field => Field::integer($name, 0, self::MOST_UNITS)
            ->typedAs(TypedAs::Turns)
            ->orSay('Type both ends of the cap in turns out, such as 3/4 and 1 1/4.');

        return Shape::of(Field::text('adjuster', most: 40), $turns('from_units'), $turns('to_units'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('adjuster'), new Caps(
            Turns::ofUnits($payload->integer('from_units')),
            Turns::ofUnits($payload->integer('to_units')),
        ));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $sheet->of(Screws::class)->named($this->adjuster);
        $this->isRange() || throw UnreadableEntry::field(
            'screw_capped', 'to_units', 'more turns out than where the cap begins',
        );
    }

    private function isRange(): bool
    {
        return $this->caps->from->inUnits() < $this->caps->to->inUnits();
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $screws = $bench->of(Screws::class);
        $state = $screws->all[$this->adjuster] ?? null;

        return $state === null || ! $this->isRange()
            ? $bench
            : $bench->with($screws->with($state->capped($this->caps)))->touched(Station::Set, $entry->at);
    }
}

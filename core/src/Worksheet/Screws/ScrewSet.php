<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Exclusive;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Worksheet;

/** A screw was set to the book, or left where the running engine wanted it. */
final readonly class ScrewSet implements Exclusive, TurnsScrew
{
    private function __construct(public string $adjuster, public Turns $turns, private string $station)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('adjuster', most: 40),
            Field::turns(),
            Field::text('station')->among(Station::Set->value, Station::Run->value),
        );
    }

    public static function of(Payload $payload): self
    {
        $turns = Turns::ofUnits($payload->integer('units'));

        return new self($payload->text('adjuster'), $turns, $payload->text('station'));
    }

    public function adjuster(): string
    {
        return $this->adjuster;
    }

    /** Whether it is to stay there, with the engine running. */
    public function isLeft(): bool
    {
        return $this->station === Station::Run->value;
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $state = $sheet->of(Screws::class)->named($this->adjuster);
        $fastest = $this->isLeft() ? RunSoFar::leanOf($state, $this->turns, $sheet->family->card) : null;
        $fastest === null || throw NotAllowedNow::leanOfFastest($state->adjuster->name, $fastest);
        Station::tryFrom($this->station) ?? throw UnreadableEntry::unknownName('station', $this->station);
    }

    public function clashesWith(Act $newer): bool
    {
        return $newer instanceof TurnsScrew && $newer->adjuster() === $this->adjuster;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $screws = $bench->of(Screws::class);
        $state = $screws->all[$this->adjuster] ?? null;
        if ($state === null) {
            return $bench;
        }
        $after = $this->isLeft() ? $state->left($this->turns) : $state->set($this->turns);
        $station = $this->isLeft() ? Station::Run : Station::Set;
        $bench = $bench->with($screws->with($after))->touched($station, $entry->at)->renewed($state->reading());

        return Upset::by($state, $this->turns, $bench, $entry);
    }
}

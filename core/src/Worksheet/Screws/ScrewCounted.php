<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** A screw was counted in before it came out: how it was found. */
final readonly class ScrewCounted implements Act
{
    private function __construct(public string $adjuster, public Turns $turns)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('adjuster', most: 40), Field::turns());
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('adjuster'), Turns::ofUnits($payload->integer('units')));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $screw = $sheet->of(Screws::class)->named($this->adjuster)->adjuster;
        ! $sheet->of(Parts::class)->wasOut($screw->key) || throw NotAllowedNow::countedTooLate($screw->name);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $screws = $bench->of(Screws::class);
        $state = $screws->all[$this->adjuster] ?? null;

        return $state === null
            ? $bench
            : $bench->with($screws->with($state->found($this->turns)))->touched(Station::AsFound, $entry->at);
    }
}

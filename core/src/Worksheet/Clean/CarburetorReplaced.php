<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/**
 * Another carburetor takes the place of the old one: what lay inside the old one is accounted for, what was judged of
 * it stands no more, its screws and its hold test begin anew. What is around it goes back on.
 */
final readonly class CarburetorReplaced implements Act
{
    private const BECAME = 'another carburetor has its own';

    private function __construct(public string $what)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('what', most: 200)->orSay('Say what was fitted, such as: new, same type.'));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('what'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $parts = $bench->of(Parts::class);
        $build = $parts->build;
        foreach (Machine::on($bench)->insideOff() as $part) {
            $build = $build->account($part, self::BECAME);
        }

        return $bench
            ->with($parts->with($build))
            ->with($bench->of(Inspected::class)->replaced($this->what))
            ->with($bench->of(Screws::class)->renewed())
            ->with(Holds::atStart($bench->family))
            ->touched(Station::Clean, $entry->at);
    }
}

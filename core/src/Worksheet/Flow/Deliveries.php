<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** What the fuel line delivers, as it was last measured. */
final readonly class Deliveries implements Rechecked
{
    /** The name a disturbance doubts it under, and the test of a family that has a line. */
    public const READING = 'delivery';

    private function __construct(public ?DeliveryReading $latest)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }

    public function measured(DeliveryReading $reading): self
    {
        return new self($reading);
    }

    public function taken(): array
    {
        return $this->latest === null ? [] : [self::READING => new Reading('Fuel delivery', Station::BenchTest, 3)];
    }
}

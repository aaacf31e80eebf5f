<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\FloatLevel;

use DateTimeImmutable;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** How the float lies, as it was last measured. */
final readonly class FloatGaps implements Rechecked
{
    /** The name a disturbance doubts it under. */
    public const READING = 'float_level';

    /** Of a family whose float can be measured there is this test. */
    public const TEST = 'float_drop';

    private function __construct(
        public ?FloatReading $latest,
        public ?FloatWeighed $weighed,
        public ?DateTimeImmutable $weighedAt,
    ) {
    }

    public static function atStart(Family $family): self
    {
        return new self(null, null, null);
    }

    public function measured(FloatReading $reading): self
    {
        return new self($reading, $this->weighed, $this->weighedAt);
    }

    public function weighed(FloatWeighed $weighed, DateTimeImmutable $at): self
    {
        return new self($this->latest, $weighed, $at);
    }

    public function taken(): array
    {
        return $this->latest === null ? [] : [self::READING => new Reading('Float level', Station::BenchTest, 3)];
    }
}

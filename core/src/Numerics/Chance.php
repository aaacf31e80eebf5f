<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

use Random\Randomizer;

/** Numbers drawn from a seeded source, the same on every machine. */
final readonly class Chance
{
    private const RESOLUTION = 1 << 30;

    public function __construct(private Randomizer $source)
    {
    }

    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->source->getInt(0, self::RESOLUTION) / self::RESOLUTION;
    }

    /** Mean 0, variance 1: Box and Muller, Ann. Math. Statist. 29 (1958) 610. */
    public function gaussian(): float
    {
        $u = ($this->source->getInt(0, self::RESOLUTION) + 0.5) / (self::RESOLUTION + 1);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $this->source->getInt(0, self::RESOLUTION) / self::RESOLUTION);
    }
}

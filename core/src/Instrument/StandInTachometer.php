<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

use Random\Randomizer;

/** A tachometer that is not there, at an idle that is steady or wanders. Made up. */
final readonly class StandInTachometer
{
    private const IDLE_RPM = 1750.0;

    private const WAVERS_RPM = 12.0;

    private const WANDERS_RPM = 160.0;

    private const WANDER_SECONDS = 7.0;

    public function __construct(private bool $wanders, private Randomizer $chance)
    {
    }

    public function read(float $seconds): float
    {
        $wander = $this->wanders ? self::WANDERS_RPM * sin(2.0 * M_PI * $seconds / self::WANDER_SECONDS) : 0.0;

        return round(self::IDLE_RPM + $wander + self::WAVERS_RPM * $this->chance->getInt(-1000, 1000) / 1000.0);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

use DustyJet\Quantity\PressureUnit;
use Random\Randomizer;

/** A set of vacuum gauges that is not there: each channel pulses about a vacuum of its own. Made up. */
final readonly class StandInVacuumSet
{
    private const INHG = [12.0, 11.2, 12.6, 12.1, 11.8, 12.3];

    private const PULSE_INHG = 0.4;

    private const PULSES_A_SECOND = 6.0;

    public function __construct(private Randomizer $chance)
    {
    }

    /** What a channel reads, kPa below the atmosphere. */
    public function read(float $seconds, int $channel): float
    {
        $mean = self::INHG[($channel - 1) % count(self::INHG)];
        $pulse = self::PULSE_INHG * sin(2.0 * M_PI * (self::PULSES_A_SECOND * $seconds + 0.3 * $channel));
        $noise = 0.05 * ($this->chance->getInt(-1000, 1000) / 1000.0);

        return ($mean + $pulse + $noise) * PressureUnit::InchOfMercury->kilopascals();
    }
}

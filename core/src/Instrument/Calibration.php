<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

/** What an instrument's readings are corrected by: true = (read + offset) x span. */
final readonly class Calibration
{
    /** @param  float  $offset in the unit of the instrument, kPa or rpm */
    public function __construct(public float $offset = 0.0, public float $span = 1.0)
    {
    }

    public function corrected(float $read): float
    {
        return ($read + $this->offset) * $this->span;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

use DustyJet\Quantity\GaugePressure;

/** The needle opened: when, at what pressure, and where it shut again. */
final readonly class Pop
{
    public function __construct(public float $seconds, public GaugePressure $pop, public GaugePressure $reseat)
    {
    }
}

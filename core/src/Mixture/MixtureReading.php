<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

final readonly class MixtureReading
{
    public function __construct(public Turns $turns, public RotationalSpeed $speed)
    {
    }
}

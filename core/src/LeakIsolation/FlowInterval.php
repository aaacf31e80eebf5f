<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** A leak's flow and its 95 % interval, ml/min at the pressure of the case. */
final readonly class FlowInterval
{
    public function __construct(public float $best, public float $low, public float $high)
    {
    }
}

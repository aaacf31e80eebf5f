<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\Quantity\Turns;

/** How far a limiter cap lets a screw go, counted out from where it seats. Its middle is where one starts: common practice. */
final readonly class Caps
{
    public function __construct(public Turns $from, public Turns $to)
    {
    }

    public function middle(): Turns
    {
        return Turns::ofUnits(intdiv($this->from->inUnits() + $this->to->inUnits(), 2));
    }

    public function allows(Turns $turns): bool
    {
        return $turns->inUnits() >= $this->from->inUnits() && $turns->inUnits() <= $this->to->inUnits();
    }

    /** The nearest the cap allows. */
    public function nearest(float $turns): float
    {
        return max($this->from->inTurns(), min($this->to->inTurns(), $turns));
    }
}

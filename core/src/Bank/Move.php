<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/** One synchronising screw, turned. */
final readonly class Move
{
    private const THIRTY_SECONDS = 32;

    /** @param  float  $turns in is more than zero: taken to open the plate until it is seen to do the other */
    public function __construct(public string $carburetor, public float $turns)
    {
    }

    /** Such as `in 1/16` or `out 3/32`: the nearest thirty-second. */
    public function words(): string
    {
        $over = self::THIRTY_SECONDS;
        $steps = (int) round(abs($this->turns) * $over);
        for (; $steps > 0 && $steps % 2 === 0 && $over > 1; $over = intdiv($over, 2)) {
            $steps = intdiv($steps, 2);
        }

        return ($this->turns > 0.0 ? 'in ' : 'out ').($over === 1 ? (string) $steps : "{$steps}/{$over}");
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/** One synchronising screw, turned. */
final readonly class Move
{
    /** @param  float  $turns in is more than zero: taken to open the plate until it is seen to do the other */
    public function __construct(public string $carburetor, public float $turns)
    {
    }
}

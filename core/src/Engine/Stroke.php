<?php

declare(strict_types=1);

namespace DustyJet\Engine;

enum Stroke: int
{
    case Two = 2;
    case Four = 4;

    /** Revolutions for one filling. */
    public function revolutions(): int
    {
        return $this === self::Two ? 1 : 2;
    }

    /** Of the work of drawing against the manifold, the share that is not given back. */
    public function pumping(): float
    {
        return $this === self::Two ? 0.3 : 1.0;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Stale;

use DustyJet\Carburetor\Station;

/** Something measured or set that can go stale: what it is called, where it is taken again, and how long that takes. */
final readonly class Reading
{
    public function __construct(public string $what, public Station $station, public int $minutes)
    {
    }
}

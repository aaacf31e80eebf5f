<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/** How a spring ends: closed by a coil that lies on the last, or cut as it is wound. */
enum SpringEnds: string
{
    case Squared = 'squared';
    case Plain = 'plain';

    /** Coils of wire that carry nothing, over both ends, as wire diameters of length. */
    public function deadLength(): float
    {
        return $this === self::Squared ? 3.0 : 1.0;
    }

    /** The first of them that comes off when the tip is cut. */
    public function deadAtTip(): float
    {
        return $this === self::Squared ? 1.0 : 0.0;
    }
}

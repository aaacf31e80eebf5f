<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\Worksheet\Act;

/** An act after which a screw stands where it says. */
interface TurnsScrew extends Act
{
    /** Name of the screw in its family. */
    public function adjuster(): string;
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Act;

/** An act that changes what lies on the tray or is back on the carburetor. */
interface MovesParts extends Act
{
    /** Where parts move this way. */
    public function station(): Station;

    /** Name of the part in its family, or what an unexpected one was called. */
    public function part(): string;

    /** @throws \DustyJet\StripAndBuild\NotYet If the part cannot come off or go in now. */
    public function move(Build $build): Build;
}

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

    /** @return non-empty-list<string> in order: names in the family, or what an unexpected one was called */
    public function parts(): array;

    /** @throws \DustyJet\StripAndBuild\NotYet If a part cannot come off or go in now. */
    public function move(Build $build): Build;
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Family;

/** What is kept of one sort of act while a log is replayed. Immutable. */
interface Ledger
{
    /** Before anything was logged. */
    public static function atStart(Family $family): self;
}

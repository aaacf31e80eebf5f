<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Stale;

use DustyJet\Worksheet\Ledger;

/** A ledger with readings that hold only until something under them changes. */
interface Rechecked extends Ledger
{
    /** @return array<string, Reading> what was measured or set so far, by the name a disturbance doubts it under */
    public function taken(): array;
}

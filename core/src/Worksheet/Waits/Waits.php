<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Waits;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** Whether the job waits now. */
final readonly class Waits implements Ledger
{
    public function __construct(public ?Wait $now)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }
}

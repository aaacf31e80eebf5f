<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** What was said when the machine came in. */
final readonly class Ticket implements Ledger
{
    public function __construct(public ?Intake $intake)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }
}

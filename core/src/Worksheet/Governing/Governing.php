<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Governing;

use DustyJet\Carburetor\Family;
use DustyJet\Governor\GovernedSpeed;
use DustyJet\Worksheet\Ledger;

/** The governed speed as it was last read. */
final readonly class Governing implements Ledger
{
    /** The name of its tab at Run. */
    public const TAB = 'governed';

    public function __construct(public ?GovernedSpeed $latest, public ?GovernedSpeedRead $typed = null)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }
}

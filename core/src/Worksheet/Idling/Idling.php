<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Idling;

use DustyJet\Carburetor\Family;
use DustyJet\Governor\IdleSpeed;
use DustyJet\Worksheet\Ledger;

/** The idle as it was last read. */
final readonly class Idling implements Ledger
{
    /** The name of its tab at Run. */
    public const TAB = 'idle';

    public function __construct(public ?IdleSpeed $latest)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self(null);
    }
}

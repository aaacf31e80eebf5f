<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\Carburetor\Station;

/** A reading that no longer holds, and the action that undid it. */
final readonly class StaleItem
{
    public function __construct(
        public string $key,
        public string $what,
        public string $because,
        public DateTimeImmutable $since,
        public Station $station,
        public int $minutes,
    ) {
    }
}

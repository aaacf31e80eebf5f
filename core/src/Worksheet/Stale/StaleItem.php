<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Stale;

use DateTimeImmutable;
use DustyJet\Carburetor\Station;

/** A reading that no longer holds, and the action that undid it. */
final readonly class StaleItem
{
    private function __construct(
        public string $key,
        public string $what,
        public string $because,
        public DateTimeImmutable $since,
        public Station $station,
        public int $minutes,
    ) {
    }

    public static function of(string $key, Reading $reading, string $because, DateTimeImmutable $since): self
    {
        return new self($key, $reading->what, $because, $since, $reading->station, $reading->minutes);
    }
}

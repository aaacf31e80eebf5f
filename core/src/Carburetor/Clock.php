<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A wait the bench keeps time of. */
final readonly class Clock
{
    public function __construct(
        public string $key,
        public string $name,
        public int $minutes,
        public string $do,
        public string $provenance,
    ) {
    }
}

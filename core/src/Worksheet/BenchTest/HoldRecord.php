<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DateTimeImmutable;

/**
 * One hold test as it was judged when it was taken: what was shown then is what was decided on, so it is kept, not
 * refitted.
 */
final readonly class HoldRecord
{
    public function __construct(
        public string $entryId,
        public int $seq,
        public DateTimeImmutable $at,
        public Setup $setup,
        public Outcome $outcome,
    ) {
    }
}

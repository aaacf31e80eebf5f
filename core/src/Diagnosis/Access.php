<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** Something off or open; minutes there and back. */
final readonly class Access
{
    /** @param  list<string>  $needs other access it stands on */
    public function __construct(
        public string $id,
        public string $do,
        public float $minutes,
        public bool $engineRuns,
        public array $needs,
        public string $provenance,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What removes a fault: hands-on minutes without the access it needs, and the parts. */
final readonly class Cure
{
    /**
     * @param  list<string>  $access what must be off or open
     * @param  list<Deed>  $does
     */
    public function __construct(
        public string $do,
        public float $minutes,
        public int $partsCents,
        public array $access,
        public bool $opensCarburetor,
        public array $does = [],
    ) {
    }
}

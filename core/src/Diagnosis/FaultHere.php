<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What of a fault is otherwise in a family or where a trait is: only what is named differs. */
final readonly class FaultHere
{
    /** @param  array<string, non-empty-list<float>>  $shows */
    public function __construct(
        public ?string $name,
        public ?float $chance,
        public array $shows,
        public ?Cure $cure,
    ) {
    }
}

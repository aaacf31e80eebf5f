<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

/** A line of the parts list. */
final readonly class PartNeeded
{
    /**
     * @param  bool  $isInKit whether the usual kit has it
     * @param  string|null  $inspection whose verdict asks for it
     */
    public function __construct(
        public string $name,
        public string $reason,
        public bool $isInKit,
        public bool $isFitted,
        public ?string $inspection = null,
    ) {
    }
}

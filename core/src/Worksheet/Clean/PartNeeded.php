<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

/** A line of the parts list. */
final readonly class PartNeeded
{
    /** @param  bool  $isInKit whether the usual kit has it */
    public function __construct(public string $name, public string $reason, public bool $isInKit, public bool $isFitted)
    {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Promises;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The checks that were put off to later on this job. */
final readonly class Promises implements Ledger
{
    /** @param  array<string, Promise>  $all by the entry that made them */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(Promise $promise): self
    {
        return new self(array_replace($this->all, [$promise->entryId => $promise]));
    }

    /** @return list<Promise> not kept yet */
    public function open(): array
    {
        return array_values(array_filter($this->all, static fn (Promise $p): bool => $p->result === null));
    }
}

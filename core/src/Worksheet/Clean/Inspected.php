<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The last verdict on each part and passage. */
final readonly class Inspected implements Ledger
{
    /** @param  array<string, InspectionRecord>  $records by inspection */
    private function __construct(public array $records)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(InspectionRecord $record): self
    {
        return new self(array_replace($this->records, [$record->key => $record]));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The last verdict on each part and passage. */
final readonly class Inspected implements Ledger
{
    /**
     * @param  array<string, InspectionRecord>  $records by inspection
     * @param  string|null  $replacedBy what was fitted instead of the carburetor
     */
    private function __construct(public array $records, public ?string $replacedBy = null)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(InspectionRecord $record): self
    {
        return new self(array_replace($this->records, [$record->key => $record]), $this->replacedBy);
    }

    public function without(string $inspection): self
    {
        return new self(array_diff_key($this->records, [$inspection => true]), $this->replacedBy);
    }

    /** Another carburetor: what was judged of the old one stands no more. */
    public function replaced(string $by): self
    {
        return new self([], $by);
    }
}

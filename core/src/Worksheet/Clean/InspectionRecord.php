<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clean;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\Condition;

/** The last verdict on a part or passage. */
final readonly class InspectionRecord
{
    private function __construct(
        public string $key,
        public Condition $condition,
        public ?string $reason,
        public string $entryId,
        public int $seq,
        public DateTimeImmutable $at,
        public string $by,
    ) {
    }

    public static function in(Entry $entry, string $inspection, Condition $condition, ?string $reason): self
    {
        return new self($inspection, $condition, $reason, $entry->id, $entry->seq, $entry->at, $entry->by);
    }

    /** Sound, cleaned so that it is, or new. */
    public function isGood(): bool
    {
        return $this->condition->isGood() || $this->condition === Condition::Cleaned;
    }

    /** The verdict with its reason. */
    public function said(string $between): string
    {
        return $this->condition->label().($this->reason === null ? '' : $between.$this->reason);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The last outcome of each test that is looked at. */
final readonly class Tests implements Ledger
{
    /** @param  array<string, TestRecord>  $records by test */
    private function __construct(public array $records)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(TestRecord $record): self
    {
        return new self(array_replace($this->records, [$record->test => $record]));
    }

    public function without(string $test): self
    {
        return new self(array_diff_key($this->records, [$test => true]));
    }

    public function isPassed(string $test): bool
    {
        return $this->records[$test]->passed ?? false;
    }
}

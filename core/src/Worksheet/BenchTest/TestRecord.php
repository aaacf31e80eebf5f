<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DateTimeImmutable;

/** The last outcome of a test that is looked at. */
final readonly class TestRecord
{
    public function __construct(
        public string $test,
        public bool $passed,
        public ?string $note,
        public string $entryId,
        public DateTimeImmutable $at,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\Diagnosis\Answer;

/** What was last answered to a finding, by whom and in which entry. */
final readonly class Told
{
    private function __construct(
        public string $finding,
        public Answer $answer,
        public string $entryId,
        public DateTimeImmutable $at,
        public string $by,
    ) {
    }

    public static function in(Entry $entry, string $finding, Answer $answer): self
    {
        return new self($finding, $answer, $entry->id, $entry->at, $entry->by);
    }
}

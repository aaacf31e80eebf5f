<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\Diagnosis\Answer;

/** What was last answered to a finding, by whom and in which entry. */
final readonly class Told
{
    public function __construct(public string $finding, public Answer $answer, public string $entryId, public DateTimeImmutable $at, public string $by)
    {
    }
}

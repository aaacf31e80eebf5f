<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\Carburetor\Condition;

/** The last verdict on a part or passage. */
final readonly class InspectionRecord
{
    public function __construct(public string $key, public Condition $condition, public ?string $reason, public string $entryId, public int $seq, public DateTimeImmutable $at, public string $by)
    {
    }
}

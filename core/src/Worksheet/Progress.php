<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;

/** How far the work of a station has come. */
final readonly class Progress
{
    public function __construct(public int $done, public int $of, public ?DateTimeImmutable $touchedAt)
    {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;

final readonly class CheckState
{
    public function __construct(public string $key, public string $do, public bool $takesRpm, public ?bool $passed, public ?float $rpm, public ?DateTimeImmutable $at)
    {
    }
}

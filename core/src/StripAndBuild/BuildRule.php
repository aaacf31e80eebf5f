<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

final readonly class BuildRule
{
    public function __construct(public string $first, public string $then, public string $why)
    {
    }
}

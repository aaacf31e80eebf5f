<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a family's hold test is called, how it is set up and what it proves. */
final readonly class HoldAsked
{
    public function __construct(public string $name, public string $do, public string $why)
    {
    }
}

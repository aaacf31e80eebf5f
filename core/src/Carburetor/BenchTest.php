<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A test besides the hold test, looked at and logged. */
final readonly class BenchTest
{
    public function __construct(public string $key, public string $name, public string $do, public string $good)
    {
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

final readonly class Part
{
    /** @param  int  $number on the cutaway: numbers follow the fuel, then the air */
    public function __construct(public string $key, public int $number, public string $name)
    {
    }
}

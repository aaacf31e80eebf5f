<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

final readonly class Part
{
    /**
     * @param  int  $number on the cutaway: numbers follow the fuel, then the air
     * @param  list<string>  $onlyIn the variants that have it; empty when all have
     */
    public function __construct(public string $key, public int $number, public string $name, public array $onlyIn = [])
    {
    }
}

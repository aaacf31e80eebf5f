<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** A test the bench could do next. */
final readonly class FeasibleTest
{
    /** @param  list<string>  $joints */
    public function __construct(public string $name, public bool $isSoap, public array $joints, public float $minutes)
    {
    }
}

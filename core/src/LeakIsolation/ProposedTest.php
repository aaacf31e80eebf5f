<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** The test to make next, and what it is expected to tell, in bits. */
final readonly class ProposedTest
{
    public function __construct(public FeasibleTest $test, public float $bits)
    {
    }
}

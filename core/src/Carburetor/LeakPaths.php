<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** The joints that the hold test of a family puts under pressure, and the tests that tell them apart. */
final readonly class LeakPaths
{
    /**
     * @param  array<string, Joint>  $joints
     * @param  array<string, IsolatingTest>  $tests
     */
    public function __construct(public array $joints, public array $tests)
    {
    }
}

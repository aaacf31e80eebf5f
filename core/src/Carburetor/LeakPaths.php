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

    /** @return list<string> the joints that a hold test puts under pressure */
    public function underPressure(bool $beyondTheNeedle): array
    {
        $isUnder = static fn (Joint $j): bool => $beyondTheNeedle || ! $j->isBeyond;

        return array_keys(array_filter($this->joints, $isUnder));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a family's hold test is called, how it is set up and what it proves. */
final readonly class HoldAsked
{
    /** @param  string  $fails the finding that a leak, wetted, says is there */
    public function __construct(
        public string $name,
        public string $do,
        public string $why,
        public Need $needs,
        public string $fails,
    ) {
    }

    /** Whether more than the needle can leak: joints come before a new needle then. */
    public function isOfTheWhole(): bool
    {
        return $this->needs === Need::Inside;
    }
}

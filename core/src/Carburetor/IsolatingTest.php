<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A test that puts only some joints under pressure, or soap on them. */
final readonly class IsolatingTest
{
    /** @param  list<string>  $joints */
    public function __construct(
        public string $key,
        public string $do,
        public string $why,
        public float $minutes,
        public bool $isSoap,
        public array $joints,
    ) {
    }

    /** @param  array<array-key, string>  $joints that a family does not have */
    public function without(array $joints): self
    {
        $kept = array_values(array_diff($this->joints, $joints));

        return new self($this->key, $this->do, $this->why, $this->minutes, $this->isSoap, $kept);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** A setting in turns, unrounded, with the interval that holds it 95 times in 100. */
final readonly class Estimate
{
    public function __construct(public float $turns, public float $low, public float $high)
    {
    }

    public function width(): float
    {
        return $this->high - $this->low;
    }

    public function at(float $turns): self
    {
        return new self($turns, min($turns, $this->low), max($turns, $this->high));
    }
}

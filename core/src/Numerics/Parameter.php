<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * @internal one free number of a curve: where the search starts, where it must stay, and what is believed beforehand
 */
final readonly class Parameter
{
    public function __construct(
        public float $start,
        public float $low = -INF,
        public float $high = INF,
        public float $priorMean = 0.0,
        public float $priorSd = INF,
    ) {
    }

    public function startingAt(float $start): self
    {
        return new self($start, $this->low, $this->high, $this->priorMean, $this->priorSd);
    }

    public function fixedAt(float $value): self
    {
        return new self($value, $value, $value, $this->priorMean, $this->priorSd);
    }

    public function isFixed(): bool
    {
        return $this->low === $this->high;
    }

    public function clamp(float $value): float
    {
        return max($this->low, min($this->high, $value));
    }
}

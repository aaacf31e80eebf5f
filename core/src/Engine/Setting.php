<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** How throttle, choke and screws stand. */
final readonly class Setting
{
    private const MOST_TURNS = 12.0;

    /**
     * @param  float  $throttleDeg from closed
     * @param  float  $choke 0 open, 1 closed
     *
     * @throws UnusableEngine If one of them cannot stand so.
     */
    public function __construct(
        public float $throttleDeg,
        public float $highTurns,
        public float $lowTurns,
        public float $choke = 0.0,
    ) {
        UnusableEngine::unlessWithin('throttle_deg', $throttleDeg, 0.0, 90.0);
        UnusableEngine::unlessWithin('H', $highTurns, 0.0, self::MOST_TURNS);
        UnusableEngine::unlessWithin('L', $lowTurns, 0.0, self::MOST_TURNS);
        UnusableEngine::unlessWithin('choke', $choke, 0.0, 1.0);
    }

    public function at(float $throttleDeg): self
    {
        return new self($throttleDeg, $this->highTurns, $this->lowTurns, $this->choke);
    }
}

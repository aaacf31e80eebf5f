<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** What an engine that is well does: its speeds, its mixture at full throttle, and where its screws then are. */
final readonly class Goals
{
    /** Plates stop short of square. */
    public const FULL_DEG = 80.0;

    public const IDLE_PHI = 1.14;

    /**
     * @param  float  $topPhi 1.25 for a two-stroke, whose flutter just clears there; 1.14 for a four-stroke
     * @param  float  $highShare of the bore that the needle leaves open at the healthy turns: without, no rich side
     * @param  float  $fixedShare of the main fuel that goes through a jet beside the screw
     */
    public function __construct(
        public float $topRpm,
        public float $idleRpm,
        public float $topPhi,
        public float $highTurns,
        public float $lowTurns,
        public float $highShare,
        public float $lowShare,
        public float $fixedShare = 0.0,
    ) {
        UnusableEngine::unlessWithin('idle_rpm', $idleRpm, VirtualEngine::SLOWEST_RPM, $topRpm);
        UnusableEngine::unlessWithin('top_phi', $topPhi, 0.8, 1.6);
        UnusableEngine::unlessWithin('high_turns', $highTurns, 0.25, 6.0);
        UnusableEngine::unlessWithin('low_turns', $lowTurns, 0.25, 6.0);
        UnusableEngine::unlessWithin('high_share', $highShare, 0.1, 0.9);
        UnusableEngine::unlessWithin('low_share', $lowShare, 0.1, 0.9);
        UnusableEngine::unlessWithin('fixed_share', $fixedShare, 0.0, 0.95);
    }
}

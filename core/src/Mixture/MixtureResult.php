<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * What a mixture run says. Positions are in turns, unrounded; null where the readings do not say yet.
 */
final readonly class MixtureResult
{
    /**
     * @param  float|null  $peakTurns of the greatest speed
     * @param  float|null  $peakLowTurns lower end of the peak's 95 % interval
     * @param  float|null  $recommendedTurns where this school leaves the screw
     * @param  float|null  $nextTurns the next setting to try, on an eighth; null when done
     * @param  list<array{0: float, 1: float}>  $curve turns and rpm of the fit, for drawing
     */
    public function __construct(
        public School $school,
        public ?float $peakTurns,
        public ?float $peakLowTurns,
        public ?float $peakHighTurns,
        public ?float $peakRpm,
        public ?float $recommendedTurns,
        public ?float $nextTurns,
        public bool $done,
        public NextReason $reason,
        public Edges $edges,
        public array $curve,
    ) {
    }

    /** The same run with another setting proposed, for another reason. */
    public function proposing(?float $recommended, ?float $next, NextReason $reason): self
    {
        return new self(
            $this->school,
            $this->peakTurns,
            $this->peakLowTurns,
            $this->peakHighTurns,
            $this->peakRpm,
            $recommended,
            $next,
            $this->done || $reason === NextReason::AtItsCap,
            $reason,
            $this->edges,
            $this->curve,
        );
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** What a mixture run says; null where the readings do not say yet. */
final readonly class MixtureResult
{
    /**
     * @param  Estimate|null  $peak where it runs fastest
     * @param  Estimate|null  $answer where this school leaves the screw
     * @param  float|null  $nextTurns the next setting to try, on a step of the screw; null when done
     * @param  list<array{0: float, 1: float}>  $curve turns and rpm of the middle of all curves, for drawing
     */
    public function __construct(
        public School $school,
        public NextReason $reason,
        public ?float $nextTurns,
        public bool $done = false,
        public ?Estimate $answer = null,
        public ?Estimate $peak = null,
        public ?float $peakRpm = null,
        public Edges $edges = new Edges,
        public array $curve = [],
    ) {
    }

    /** The same run with another setting proposed, for another reason. */
    public function proposing(?float $answer, ?float $next, NextReason $reason): self
    {
        return new self(
            $this->school,
            $reason,
            $next,
            $this->done || $reason === NextReason::AtItsCap,
            $answer === null ? null : ($this->answer ?? new Estimate($answer, $answer, $answer))->at($answer),
            $this->peak,
            $this->peakRpm,
            $this->edges,
            $this->curve,
        );
    }
}

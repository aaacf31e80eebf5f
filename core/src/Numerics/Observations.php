<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * Readings of a stepped scale: a reading y says that the truth plus noise lay in y +/- step/2.
 *
 * Where the noise resolves the step (noise at least 0.6 steps) an interval likelihood equals a normal one with variance
 * s^2 + step^2/12 to better than one part in a thousand (Sheppard's correction), and readings may be averaged.
 *
 * @internal
 */
final readonly class Observations
{
    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $weights how many readings each entry stands for
     * @param  float  $withinSquares sum of squares inside averaged entries, lost from $y
     */
    public function __construct(
        public array $x,
        public array $y,
        public array $weights,
        public float $step,
        public bool $asIntervals,
        public float $withinSquares = 0.0,
    ) {
    }

    public function count(): float
    {
        return array_sum($this->weights);
    }
}

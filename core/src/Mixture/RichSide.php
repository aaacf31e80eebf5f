<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** Which way a screw is richer, how finely it is set and how fast the engine may run: what a rich-side run rests on. */
final readonly class RichSide
{
    /**
     * @param  float  $step the finest it is set, in turns
     * @param  float  $offset how far rich of the fastest to leave it, in turns
     * @param  float|null  $maximumRpm without load, by the maker; null where nobody knows it
     * @param  float  $travel as far as the screw goes, in turns
     */
    public function __construct(
        private bool $outIsRicher,
        public float $step,
        private float $offset,
        private ?float $maximumRpm,
        private float $travel = 6.0,
    ) {
    }

    public function isOver(float $rpm): bool
    {
        return $this->maximumRpm !== null && $rpm > $this->maximumRpm;
    }

    /** Leaner before richer. */
    public function compare(float $a, float $b): int
    {
        return $this->outIsRicher ? $a <=> $b : $b <=> $a;
    }

    public function coarse(): float
    {
        return 2.0 * $this->step;
    }

    /** So many turns richer, on a step, within the screw's travel. */
    public function richer(float $from, float $by): float
    {
        $richer = $this->outIsRicher ? $from + $by : $from - $by;

        return $this->onStep(max($this->step, min($this->travel, $richer)));
    }

    /** A step between two settings, or null where none lies between. */
    public function between(float $fastest, float $slower): ?float
    {
        $middle = $this->onStep(0.5 * ($fastest + $slower));
        $isBetween = $this->compare($middle, $fastest) > 0 && $this->compare($middle, $slower) < 0;

        return abs($slower - $fastest) > $this->coarse() + 1e-9 && $isBetween ? $middle : null;
    }

    public function answerFrom(float $fastest): float
    {
        return $this->richer($fastest, max($this->offset, $this->step));
    }

    private function onStep(float $turns): float
    {
        return round($turns / $this->step) * $this->step;
    }
}

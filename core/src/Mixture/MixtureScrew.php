<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** Which way a screw is richer, how finely it is set, how fast the engine may run: what a mixture run rests on. */
final readonly class MixtureScrew
{
    /** A technician reads a tachometer to about this. Common practice. */
    public const TACHOMETER_RPM = 15.0;

    private const SLACK = 1e-9;

    /**
     * @param  bool  $outIsRicher false for an air screw
     * @param  float  $step the finest it is set, in turns
     * @param  float  $offset how far rich of the lean edge it is left where it has no rich edge, in turns
     * @param  float|null  $maximumRpm without load, by the maker; null where nobody knows it
     * @param  float  $travel as far as the screw goes, in turns
     * @param  float  $sigmaRpm of one reading of speed
     * @param  bool  $isSpeedHeld whether a governor holds the speed, whatever the mixture
     */
    public function __construct(
        public bool $outIsRicher = true,
        public float $step = 0.125,
        public float $offset = 0.5,
        public ?float $maximumRpm = null,
        public float $travel = 6.0,
        public float $sigmaRpm = self::TACHOMETER_RPM,
        public bool $isSpeedHeld = false,
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

    /** Richer is 1 in turns, or -1 for an air screw. */
    public function rich(): int
    {
        return $this->outIsRicher ? 1 : -1;
    }

    /** A quarter turn; two steps where it is set finer than by eighths. */
    public function coarse(): float
    {
        return 2.0 * $this->step;
    }

    /** So many turns richer, on a step, within the screw's travel. */
    public function richer(float $from, float $by): float
    {
        return $this->onStep($from + $this->rich() * $by);
    }

    /** The step nearest to a setting, within the screw's travel. */
    public function onStep(float $turns): float
    {
        return max($this->step, min($this->travel, round($turns / $this->step) * $this->step));
    }

    /** @return list<float> the next so many steps richer */
    public function stepsRicher(float $from, int $count): array
    {
        return array_map(fn (int $i): float => $this->richer($from, $i * $this->step), range(1, $count));
    }

    /** @return list<float> every step between two settings, within the screw's travel */
    public function steps(float $from, float $to): array
    {
        $steps = [];
        for ($at = $this->onStep($from); $at <= min($this->travel, $to) + self::SLACK; $at += $this->step) {
            $steps[] = $at;
        }

        return $steps;
    }
}

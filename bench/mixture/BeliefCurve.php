<?php

declare(strict_types=1);

namespace Bench\Mixture;

/**
 * What the readings of a run say of its curve: the middle of the belief, and how far it may be off.
 *
 * @internal
 */
final readonly class BeliefCurve
{
    private const DRAWN_POINTS = 40;

    /** What the shapes themselves may be off, added to each end of an interval. From memory: bench/mixture.php. */
    private const SHAPE_TURNS = 0.05;

    private const LEAST_TURNS = 1.0 / 16.0;

    /**
     * @param  list<Hypothesis>  $all
     * @param  float  $sigmaRpm of one reading
     */
    private function __construct(private array $all, private float $sigmaRpm)
    {
    }

    /** @param  non-empty-list<array{0: float, 1: float}>  $readings turns and rpm */
    public static function through(array $readings, float $sigmaRpm, float $travelTurns, bool $outIsRicher): ?self
    {
        $all = Belief::of($readings, $sigmaRpm, $travelTurns, $outIsRicher);

        return $all === [] ? null : new self($all, $sigmaRpm);
    }

    public function peakTurns(): float
    {
        return $this->quantiles($this->peaks())[1];
    }

    public function rpmAt(float $turns): float
    {
        $rpm = 0.0;
        foreach ($this->all as $h) {
            $rpm += $h->weight * $h->rpm($turns);
        }

        return $rpm;
    }

    /** @return array{0: float, 1: float} 95 % interval of the peak, turns */
    public function peakInterval(): array
    {
        [$low, , $high] = $this->quantiles($this->peaks());

        return [max(self::LEAST_TURNS, $low - self::SHAPE_TURNS), $high + self::SHAPE_TURNS];
    }

    /** Where the speed is a share of the peak's, on the side of fewer (-1) or more (+1) turns; null beyond the travel. */
    public function edge(float $share, int $side, float $travelTurns): ?float
    {
        $edges = array_map(
            static fn (Hypothesis $h): float => $h->edge($share, $side) ?? ($side < 0 ? 0.0 : INF),
            $this->all,
        );
        $edge = $this->quantiles($edges)[1];

        return $edge > $travelTurns || $edge < self::LEAST_TURNS ? null : $edge;
    }

    /**
     * Where a school leaves the screw, and the 95 % interval of that.
     *
     * @param  callable(Hypothesis): float  $answer turns
     *
     * @return array{0: float, 1: float, 2: float} low, answer, high
     */
    public function answer(callable $answer): array
    {
        [$low, $middle, $high] = $this->quantiles(array_map($answer, $this->all));

        return [max(self::LEAST_TURNS, $low - self::SHAPE_TURNS), $middle, $high + self::SHAPE_TURNS];
    }

    /**
     * Chance that the answer lies within so many turns of a setting, or that it loses no more than a tachometer wavers.
     *
     * @param  callable(Hypothesis): float  $answer turns
     */
    public function sureOf(float $turns, callable $answer, float $within): float
    {
        $sure = 0.0;
        foreach ($this->all as $h) {
            $sure += abs($answer($h) - $turns) <= $within || $h->drop($turns) <= $this->sigmaRpm ? $h->weight : 0.0;
        }

        return $sure;
    }

    /**
     * How much of the doubt about an answer a reading at a setting is expected to take away, in turns squared.
     *
     * @param  callable(Hypothesis): float  $answer turns
     */
    public function tells(float $turns, callable $answer): float
    {
        $rpm = $this->rpmAt($turns);
        $mean = $spread = $together = 0.0;
        foreach ($this->all as $h) {
            $mean += $h->weight * $answer($h);
        }
        foreach ($this->all as $h) {
            $off = $h->rpm($turns) - $rpm;
            $spread += $h->weight * $off ** 2;
            $together += $h->weight * $off * ($answer($h) - $mean);
        }

        return $together ** 2 / ($spread + $this->sigmaRpm ** 2);
    }

    /** @return list<array{0: float, 1: float}> */
    public function points(float $from, float $to): array
    {
        $points = [];
        for ($i = 0; $i <= self::DRAWN_POINTS; $i++) {
            $turns = $from + (($to - $from) * $i) / self::DRAWN_POINTS;
            $points[] = [$turns, $this->rpmAt($turns)];
        }

        return $points;
    }

    /** @return list<float> */
    private function peaks(): array
    {
        return array_map(static fn (Hypothesis $h): float => $h->peak, $this->all);
    }

    /**
     * @param  list<float>  $values one a hypothesis
     *
     * @return array{0: float, 1: float, 2: float} 2.5, 50 and 97.5 %
     */
    private function quantiles(array $values): array
    {
        asort($values);
        $found = [];
        $sum = 0.0;
        foreach ($values as $i => $value) {
            $sum += $this->all[$i]->weight;
            while (count($found) < 3 && $sum >= [0.025, 0.5, 0.975][count($found)] - 1e-9) {
                $found[] = $value;
            }
        }

        return [$found[0] ?? 0.0, $found[1] ?? 0.0, $found[2] ?? 0.0];
    }
}

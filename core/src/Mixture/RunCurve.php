<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * What the readings of a run say of its curve: the middle of the belief, and how far it may be off.
 *
 * @internal
 */
final readonly class RunCurve
{
    private const DRAWN_POINTS = 40;

    /** What the shapes themselves may be off, added to each end of an interval. From memory: bench/mixture.php. */
    private const SHAPE_TURNS = 0.05;

    /** @var non-empty-list<float> where the school leaves the screw, turns, one a curve */
    private array $answers;

    /**
     * @param  non-empty-list<SpeedCurve>  $all
     * @param  callable(SpeedCurve): float  $answer
     */
    private function __construct(private array $all, private MixtureScrew $screw, callable $answer)
    {
        $this->answers = array_map($answer, $all);
    }

    /**
     * @param  list<MixtureReading>  $readings
     * @param  callable(SpeedCurve): float  $answer where the school leaves the screw on a curve, turns
     * @param  bool  $isFullThrottle of a two-stroke without load
     */
    public static function through(
        array $readings,
        MixtureScrew $screw,
        callable $answer,
        bool $isFullThrottle = false,
    ): ?self {
        $all = CurveBelief::of($readings, $screw, $isFullThrottle);

        return $all === [] ? null : new self($all, $screw, $answer);
    }

    /** Where the engine runs fastest. */
    public function peak(): Estimate
    {
        return $this->estimate(array_map(static fn (SpeedCurve $c): float => $c->peak, $this->all));
    }

    /** Where the school leaves the screw. */
    public function answer(): Estimate
    {
        return $this->estimate($this->answers);
    }

    public function rpmAt(float $turns): float
    {
        $mean = 0.0;
        foreach ($this->all as $curve) {
            $mean += $curve->weight * $curve->rpm($turns);
        }

        return $mean;
    }

    /** Where the speed is a share of the peak's, on the lean side (-1) or the rich (1); null beyond the screw's travel. */
    public function edge(float $share, int $side): ?float
    {
        $beyond = $side * $this->screw->rich() < 0 ? 0.0 : INF;
        $edges = array_map(static fn (SpeedCurve $c): float => $c->edge($share, $side) ?? $beyond, $this->all);
        $edge = $this->quantiles($edges)[1];

        return $edge > $this->screw->travel || $edge < Shape::LEAST_TURNS ? null : $edge;
    }

    /** Chance that the answer lies within so many turns of a setting, or that it loses less than so much speed there. */
    public function sureOf(float $turns, float $within, float $rpm = 0.0): float
    {
        $sure = 0.0;
        foreach ($this->all as $i => $curve) {
            $isNear = abs($this->answers[$i] - $turns) <= $within || $curve->drop($turns) < $rpm;
            $sure += $isNear ? $curve->weight : 0.0;
        }

        return $sure;
    }

    /** Chance that a setting is leaner than a mixture. */
    public function leanerThan(float $phi, float $turns): float
    {
        $leaner = 0.0;
        foreach ($this->all as $curve) {
            $leaner += $curve->phi($turns) < $phi ? $curve->weight : 0.0;
        }

        return $leaner;
    }

    /** How much of the doubt about the answer the speed at a setting is expected to take away, in turns squared. */
    public function speedTells(float $turns): float
    {
        $speeds = array_map(static fn (SpeedCurve $c): float => $c->rpm($turns), $this->all);
        [$together, , $spread] = $this->together($speeds);

        return $together ** 2 / ($spread + $this->screw->sigmaRpm ** 2);
    }

    /** The same of hearing whether it flutters there. */
    public function flutterTells(float $turns): float
    {
        $chances = array_map(static fn (SpeedCurve $c): float => Mark::Flutter->chance($c->phi($turns), true), $this->all);
        [$together, $chance] = $this->together($chances);

        return $together ** 2 / ($chance * (1.0 - $chance));
    }

    /** @return list<array{0: float, 1: float}> turns and rpm, for drawing */
    public function points(float $from, float $to): array
    {
        $points = [];
        for ($i = 0; $i <= self::DRAWN_POINTS; $i++) {
            $turns = $from + (($to - $from) * $i) / self::DRAWN_POINTS;
            $points[] = [$turns, $this->rpmAt($turns)];
        }

        return $points;
    }

    /**
     * What goes with the answer.
     *
     * @param  non-empty-list<float>  $values one a curve
     *
     * @return array{0: float, 1: float, 2: float} covariance with the answer, mean, variance
     */
    private function together(array $values): array
    {
        $answer = $mean = $squares = $products = 0.0;
        $zero = $values[0];
        foreach ($this->all as $i => $curve) {
            $off = $values[$i] - $zero;
            $answer += $curve->weight * $this->answers[$i];
            $mean += $curve->weight * $off;
            $products += $curve->weight * $this->answers[$i] * $off;
            $squares += $curve->weight * $off * $off;
        }

        return [$products - $answer * $mean, $zero + $mean, max(0.0, $squares - $mean ** 2)];
    }

    /** @param  non-empty-list<float>  $values turns, one a curve */
    private function estimate(array $values): Estimate
    {
        [$low, $middle, $high] = $this->quantiles($values);

        return new Estimate($middle, max(Shape::LEAST_TURNS, $low - self::SHAPE_TURNS), $high + self::SHAPE_TURNS);
    }

    /**
     * @param  non-empty-list<float>  $values one a curve
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
        $last = $value ?? 0.0;

        return [$found[0] ?? $last, $found[1] ?? $last, $found[2] ?? $last];
    }
}

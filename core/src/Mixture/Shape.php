<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * How a curve of speed over turns may look: a parabola on an axis of its own, the lean side steeper by a factor, and how
 * fast the mixture changes with ln(turns).
 *
 * @internal
 */
final readonly class Shape
{
    /** The mixture that gives most speed: see the output ratio of the virtual engine. */
    public const BEST_PHI = 1.13;

    public const LEAST_TURNS = 0.0625;

    /** 1/turns is that of a needle all but off its seat: hardly a rich side. */
    private const AXES = [-1.0, 0.0, 0.5, 1.0];

    /** How much steeper the lean side may be. From memory. */
    private const STEEPER = [1.0, 2.0, 3.5];

    /** What phi gains where the turns grow e-fold. From memory. */
    private const GAINS = [0.25, 0.4, 0.6, 0.85, 1.1];

    /** Of the best speed, lost a quarter of the turns off: less than that in two of three. From memory. */
    private const FALLS = 0.25;

    /** Of the best speed, lost for phi squared at full throttle, and how far that may be off. From memory. */
    private const FALLS_BY_PHI = [0.75, 0.35];

    /**
     * @param  float  $axis Box and Cox's power: -1 is 1/turns, 0 ln(turns), 1 turns
     * @param  float  $gain of phi where the turns grow e-fold
     * @param  bool  $isFullThrottle of a two-stroke without load, whose speed is known to fall with phi
     */
    private function __construct(
        public float $axis,
        public float $steeper,
        public float $gain,
        private bool $isFullThrottle,
    ) {
    }

    /**
     * What the readings may be of; where nothing was heard, the gain of phi says nothing and one stands for all.
     *
     * @return non-empty-list<self>
     */
    public static function all(bool $isFullThrottle, bool $isHeard): array
    {
        $shapes = [];
        foreach ($isFullThrottle ? [0.0] : self::AXES as $axis) {
            foreach (self::STEEPER as $steeper) {
                foreach ($isFullThrottle || $isHeard ? self::GAINS : [self::GAINS[2]] as $gain) {
                    $shapes[] = new self($axis, $steeper, $gain, $isFullThrottle);
                }
            }
        }

        return $shapes;
    }

    /** Box and Cox, J. R. Statist. Soc. B 26 (1964): (t^l - 1) / l. */
    public function x(float $turns): float
    {
        $t = max(self::LEAST_TURNS, $turns);

        return match ($this->axis) {
            0.0 => log($t),
            -1.0 => 1.0 - 1.0 / $t,
            0.5 => 2.0 * (sqrt($t) - 1.0),
            default => $t - 1.0,
        };
    }

    /** Turns at a place on the axis; null where there are none. */
    public function turns(float $x): ?float
    {
        return match (true) {
            $this->axis === 0.0 => exp($x),
            $this->axis * $x <= -1.0 => null,
            default => (1.0 + $this->axis * $x) ** (1.0 / $this->axis),
        };
    }

    /** What the bend is multiplied by, so far rich of the peak on the axis. */
    public function basis(float $rich): float
    {
        return -$rich * $rich * ($rich < 0.0 ? $this->steeper : 1.0);
    }

    /**
     * The bend before anything was read, in rpm for the axis squared.
     *
     * @return array{0: float, 1: float} its middle and its standard deviation
     */
    public function bend(float $peak, float $bestRpm): array
    {
        if ($this->isFullThrottle) {
            [$falls, $spread] = self::FALLS_BY_PHI;

            return [$falls * $bestRpm * $this->gain ** 2, $spread * $bestRpm * $this->gain ** 2];
        }

        return [0.0, self::FALLS * $bestRpm / ($this->x(1.25 * $peak) - $this->x($peak)) ** 2];
    }
}

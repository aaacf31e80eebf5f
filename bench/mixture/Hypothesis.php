<?php

declare(strict_types=1);

namespace Bench\Mixture;

/**
 * One curve of speed over turns: a parabola on an axis of its own, its lean side steeper by a factor.
 *
 * @internal
 */
final readonly class Hypothesis
{
    private const LEAST_TURNS = 1.0 / 16.0;

    private float $at;

    /**
     * @param  float  $peak turns
     * @param  float  $height rpm there
     * @param  float  $bend rpm for a unit of the axis, squared, on the rich side
     * @param  float  $axis Box and Cox's power: 0 is ln(turns), 1 turns
     * @param  int  $lean -1 where fewer turns are leaner, 1 for an air screw
     */
    public function __construct(
        public float $peak,
        public float $height,
        public float $bend,
        public float $axis,
        public float $steeper,
        public int $lean,
        public float $weight,
    ) {
        $this->at = self::x($peak, $axis);
    }

    public function weighing(float $weight): self
    {
        return new self($this->peak, $this->height, $this->bend, $this->axis, $this->steeper, $this->lean, $weight);
    }

    public function rpm(float $turns): float
    {
        return $this->height - $this->drop($turns);
    }

    /** Rpm lost there. */
    public function drop(float $turns): float
    {
        return -$this->bend * self::basis(self::x($turns, $this->axis) - $this->at, $this->lean, $this->steeper);
    }

    /** Turns where the speed is a share of the height, on the side of fewer (-1) or more (+1); null where there is none. */
    public function edge(float $share, int $side): ?float
    {
        $off = sqrt((1.0 - $share) * $this->height / $this->bend / ($side === $this->lean ? $this->steeper : 1.0));

        return self::turns($this->at + $side * $off, $this->axis);
    }

    /** What the bend is multiplied by, at a distance from the peak on the axis. */
    public static function basis(float $distance, int $lean, float $steeper): float
    {
        return -$distance * $distance * ($distance * $lean > 0.0 ? $steeper : 1.0);
    }

    /** Box and Cox, J. R. Statist. Soc. B 26 (1964): (t^l - 1) / l. */
    public static function x(float $turns, float $axis): float
    {
        $t = max(self::LEAST_TURNS, $turns);

        return match ($axis) {
            0.0 => log($t),
            0.5 => 2.0 * (sqrt($t) - 1.0),
            default => $t - 1.0,
        };
    }

    private static function turns(float $x, float $axis): ?float
    {
        return match (true) {
            $axis === 0.0 => exp($x),
            $axis * $x <= -1.0 => null,
            default => (1.0 + $axis * $x) ** (1.0 / $axis),
        };
    }
}

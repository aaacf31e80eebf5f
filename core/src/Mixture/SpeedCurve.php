<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * One curve of speed over turns that the readings may be of, and how likely it is.
 *
 * @internal
 */
final readonly class SpeedCurve
{
    private float $at;

    /**
     * @param  float  $peak turns
     * @param  float  $height rpm there
     * @param  float  $bend rpm for a unit of the axis, squared, on the rich side
     * @param  int  $rich 1 where more turns are richer, -1 for an air screw
     */
    public function __construct(
        public float $peak,
        public float $height,
        public float $bend,
        public Shape $shape,
        public int $rich,
        public float $weight,
    ) {
        $this->at = $shape->x($peak);
    }

    public function weighing(float $weight): self
    {
        return new self($this->peak, $this->height, $this->bend, $this->shape, $this->rich, $weight);
    }

    public function rpm(float $turns): float
    {
        return $this->height - $this->drop($turns);
    }

    /** Rpm lost there. */
    public function drop(float $turns): float
    {
        return -$this->bend * $this->shape->basis($this->rich * ($this->shape->x($turns) - $this->at));
    }

    /** Turns where the speed is a share of the height, on the lean side (-1) or the rich (1); null where there is none. */
    public function edge(float $share, int $side): ?float
    {
        $off = sqrt((1.0 - $share) * $this->height / $this->bend / ($side < 0 ? $this->shape->steeper : 1.0));

        return $this->shape->turns($this->at + $side * $this->rich * $off);
    }

    /** Equivalence ratio at a setting. */
    public function phi(float $turns): float
    {
        $richer = $this->rich * log(max(Shape::LEAST_TURNS, $turns) / $this->peak);

        return Shape::BEST_PHI + $this->shape->gain * $richer;
    }

    /** Turns where the mixture is so rich. */
    public function turnsOf(float $phi): float
    {
        return $this->peak * exp($this->rich * ($phi - Shape::BEST_PHI) / $this->shape->gain);
    }
}

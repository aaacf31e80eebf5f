<?php

declare(strict_types=1);

namespace App\View\Charts;

/** From values to drawing units along one side of a chart. */
final readonly class Scale
{
    private function __construct(
        private float $from,
        private float $to,
        private float $start,
        private float $length,
        private float $beyond,
    ) {
    }

    /** @param  float  $beyond how far past its ends a value is still drawn, as a share of the side */
    public static function between(float $from, float $to, float $start, float $end, float $beyond = INF): self
    {
        return new self($from, $to, $start, $end - $start, $beyond);
    }

    /** Rounded to a tenth of a unit: finer is not seen. */
    public function at(float $value): float
    {
        $share = ($value - $this->from) / ($this->to - $this->from);
        $shown = max(-$this->beyond, min(1.0 + $this->beyond, $share));

        return round($this->start + $this->length * $shown, 1);
    }

    /** At the end of the side where it lies outside. */
    public function near(float $value): float
    {
        return $this->at(max(min($this->from, $this->to), min(max($this->from, $this->to), $value)));
    }

    /** Null outside the side. */
    public function inside(?float $value): ?float
    {
        $low = min($this->from, $this->to);
        $high = max($this->from, $this->to);

        return $value === null || $value < $low || $value > $high ? null : $this->at($value);
    }
}

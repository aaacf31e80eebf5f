<?php

declare(strict_types=1);

namespace DustyJet\FloatLevel;

/** A line laid on a photo, from the hinge's end to the front, pixels: x to the right, y downward. */
final readonly class SightedLine
{
    public function __construct(private float $x1, private float $y1, private float $x2, private float $y2)
    {
    }

    public function lengthPixels(): float
    {
        return hypot($this->x2 - $this->x1, $this->y2 - $this->y1);
    }

    /** Of the other line from this one, degrees: positive where the other rises from it, whichever way the photo faces. */
    public function degreesTo(self $other): float
    {
        [$ax, $ay] = [$this->x2 - $this->x1, $this->y2 - $this->y1];
        [$bx, $by] = [$other->x2 - $other->x1, $other->y2 - $other->y1];
        $degrees = rad2deg(atan2($ax * $by - $ay * $bx, $ax * $bx + $ay * $by));

        // Drawn from right to left, up on the paper is the other way around.
        return $ax >= 0.0 ? -$degrees : $degrees;
    }
}

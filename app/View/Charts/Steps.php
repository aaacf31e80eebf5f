<?php

declare(strict_types=1);

namespace App\View\Charts;

/** Round steps for an axis. */
final readonly class Steps
{
    /**
     * The smallest step with at most so many in the span; the largest there is, if none.
     *
     * @param  non-empty-list<float>  $steps smallest first
     */
    public static function within(float $span, int $most, array $steps): float
    {
        foreach ($steps as $step) {
            if ($span / $step <= $most) {
                return $step;
            }
        }

        return $steps[count($steps) - 1];
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * 95 % interval of one parameter by profile likelihood: the others are refitted at each trial value, and the ends are
 * where twice the loss of log posterior reaches the threshold (Venzon and Moolgavkar, Appl. Statist. 37, 1988).
 *
 * @internal
 */
final readonly class ProfileInterval
{
    private const MAXIMUM_STEPS = 24;

    private function __construct(public Fit $low, public Fit $high)
    {
    }

    /**
     * @param  int|null  $integrated a parameter that is integrated out rather than refitted, by the width of its
     *     support
     *                               (integrated likelihood: Berger, Liseo and Wolpert, Statist. Sci. 14, 1999)
     */
    public static function around(
        CurveFitter $fitter,
        Fit $best,
        int $index,
        float $threshold,
        float $lowest,
        float $highest,
        ?int $integrated = null,
    ): self {
        // On a parabola the ends are this far off.
        $ridge = $fitter->ridge($best, $index);
        $reach = min(sqrt($threshold) * $ridge->standardError(), $highest - $lowest);

        return new self(
            self::end($fitter, $ridge, $best, $index, $threshold, -$reach, $lowest, $integrated),
            self::end($fitter, $ridge, $best, $index, $threshold, $reach, $highest, $integrated),
        );
    }

    /** With an unknown noise and few readings the loss of a normal model is n log(1 + t^2/v), not t^2. */
    public static function threshold(float $readings, int $degreesOfFreedom): float
    {
        $v = max(1, $degreesOfFreedom);
        $t = StudentDistribution::twoSided95($v);

        return $readings > 500.0 ? $t * $t : $readings * log(1.0 + ($t * $t) / $v);
    }

    private static function end(
        CurveFitter $fitter,
        Ridge $ridge,
        Fit $best,
        int $index,
        float $threshold,
        float $reach,
        float $limit,
        ?int $integrated,
    ): Fit {
        $top = self::height($fitter, $best, $integrated);
        $origin = $best->parameters[$index];
        $root = sqrt($threshold);
        $inside = [0.0, 0.0, $best];
        $outside = null;
        $offset = $reach;
        for ($step = 0; $step < self::MAXIMUM_STEPS; $step++) {
            $atLimit = $reach < 0.0 ? $origin + $offset <= $limit : $origin + $offset >= $limit;
            if ($atLimit) {
                $offset = $limit - $origin;
            }
            $fit = $fitter->holding($index, $origin + $offset, $ridge->along($inside[2], $origin + $offset));
            $loss = sqrt(max(0.0, 2.0 * ($top - self::height($fitter, $fit, $integrated))));
            if (abs($loss - $root) < 0.01 * $root || ($atLimit && $loss <= $root)) {
                return $fit;
            }
            if ($loss < $root) {
                $inside = [$offset, $loss, $fit];
            } else {
                $outside = [$offset, $loss];
            }
            $offset = self::nextOffset($inside, $outside, $root);
        }

        return $inside[2];
    }

    private static function height(CurveFitter $fitter, Fit $fit, ?int $integrated): float
    {
        return $fit->logPosterior + ($integrated === null ? 0.0 : log($fitter->supportWidth($fit, $integrated)));
    }

    /**
     * The square root of the loss is nearly straight in the parameter, so a secant lands close; kept inside the
     * bracket.
     *
     * @param  array{0: float, 1: float, 2: Fit}  $inside
     * @param  array{0: float, 1: float}|null  $outside
     */
    private static function nextOffset(array $inside, ?array $outside, float $root): float
    {
        if ($outside === null) {
            return $inside[0] * max(1.3, min(8.0, $root / max($inside[1], 1e-6)));
        }
        $share = ($root - $inside[1]) / ($outside[1] - $inside[1]);

        return $inside[0] + max(0.08, min(0.92, $share)) * ($outside[0] - $inside[0]);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * The standard normal distribution, accurate far into both tails.
 *
 * erfc by rational Chebyshev approximation: W. J. Cody, Math. Comp. 23 (1969) 631-637.
 *
 * @internal arguments must be finite
 */
final readonly class NormalDistribution
{
    private const SQRT_HALF = 0.70710678118654752440;

    private const INVERSE_SQRT_PI = 0.56418958354775628695;

    private const INVERSE_SQRT_TWO_PI = 0.39894228040143267794;

    public static function density(float $x): float
    {
        return self::INVERSE_SQRT_TWO_PI * exp(-0.5 * $x * $x);
    }

    public static function below(float $x): float
    {
        return 0.5 * self::erfc(-$x * self::SQRT_HALF);
    }

    /** P(a < X < b) without cancellation in the upper tail; never less than 1e-300. */
    public static function between(float $a, float $b): float
    {
        $probability = $a > 0.0
            ? 0.5 * (self::erfc($a * self::SQRT_HALF) - self::erfc($b * self::SQRT_HALF))
            : 0.5 * (self::erfc(-$b * self::SQRT_HALF) - self::erfc(-$a * self::SQRT_HALF));

        return max($probability, 1e-300);
    }

    /**
     * What an interval likelihood needs at once: P(a < X < b) and the densities at both ends, sharing their
     * exponentials.
     *
     * @return array{0: float, 1: float, 2: float} probability (never less than 1e-300), density at a, density at b
     */
    public static function interval(float $a, float $b): array
    {
        $densityA = exp(-0.5 * $a * $a);
        $densityB = exp(-0.5 * $b * $b);
        $probability = $a > 0.0
            ? self::upperTail($a, $densityA) - self::upperTail($b, $densityB)
            : self::upperTail(-$b, $densityB) - self::upperTail(-$a, $densityA);

        return [max($probability, 1e-300), self::INVERSE_SQRT_TWO_PI * $densityA, self::INVERSE_SQRT_TWO_PI * $densityB];
    }

    /** P(X > x), given exp(-x^2/2). */
    private static function upperTail(float $x, float $exponential): float
    {
        $y = abs($x) * self::SQRT_HALF;
        if ($y <= 0.46875) {
            return 0.5 - 0.5 * self::erfNearZero($x * self::SQRT_HALF);
        }
        $tail = $y > 26.5 ? 0.0 : 0.5 * $exponential * ($y <= 4.0 ? self::erfcMiddle($y) : self::erfcFar($y));

        return $x < 0.0 ? 1.0 - $tail : $tail;
    }

    public static function erfc(float $x): float
    {
        $y = abs($x);
        if ($y <= 0.46875) {
            return 1.0 - self::erfNearZero($x);
        }
        $tail = $y > 26.5 ? 0.0 : exp(-$y * $y) * ($y <= 4.0 ? self::erfcMiddle($y) : self::erfcFar($y));

        return $x < 0.0 ? 2.0 - $tail : $tail;
    }

    private static function erfNearZero(float $x): float
    {
        $z = $x * $x;
        $up = (((1.85777706184603153e-1 * $z + 3.16112374387056560)
            * $z + 1.13864154151050156e2)
            * $z + 3.77485237685302021e2)
            * $z + 3.20937758913846947e3;
        $down = ((($z + 2.36012909523441209e1)
            * $z + 2.44024637934444173e2)
            * $z + 1.28261652607737228e3)
            * $z + 2.84423683343917062e3;

        return $x * $up / $down;
    }

    private static function erfcMiddle(float $y): float
    {
        $up = (((((((2.15311535474403846e-8 * $y + 5.64188496988670089e-1)
            * $y + 8.88314979438837594)
            * $y + 6.61191906371416295e1)
            * $y + 2.98635138197400131e2)
            * $y + 8.81952221241769090e2)
            * $y + 1.71204761263407058e3)
            * $y + 2.05107837782607147e3)
            * $y + 1.23033935479799725e3;
        $down = ((((((($y + 1.57449261107098347e1)
            * $y + 1.17693950891312499e2)
            * $y + 5.37181101862009858e2)
            * $y + 1.62138957456669019e3)
            * $y + 3.29079923573345963e3)
            * $y + 4.36261909014324716e3)
            * $y + 3.43936767414372164e3)
            * $y + 1.23033935480374942e3;

        return $up / $down;
    }

    private static function erfcFar(float $y): float
    {
        $z = 1.0 / ($y * $y);
        $up = ((((1.63153871373020978e-2 * $z + 3.05326634961232344e-1)
            * $z + 3.60344899949804439e-1)
            * $z + 1.25781726111229246e-1)
            * $z + 1.60837851487422766e-2)
            * $z + 6.58749161529837803e-4;
        $down = (((($z + 2.56852019228982242)
            * $z + 1.87295284992346725)
            * $z + 5.27905102951428412e-1)
            * $z + 6.05183413124413191e-2)
            * $z + 2.33520497626869185e-3;

        return (self::INVERSE_SQRT_PI - $z * $up / $down) / $y;
    }
}

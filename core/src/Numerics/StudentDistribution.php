<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/**
 * Two-sided 95 % points of Student's t.
 *
 * Exact for 1 and 2 degrees of freedom; tabulated to 10 (NIST/SEMATECH e-Handbook 1.3.6.7.2); beyond that the
 * Cornish-Fisher expansion of Abramowitz and Stegun 26.7.5, good to 1.2e-4 there.
 *
 * @internal
 */
final readonly class StudentDistribution
{
    private const TABLE = [1 => 12.7062, 4.3027, 3.1824, 2.7764, 2.5706, 2.4469, 2.3646, 2.3060, 2.2622, 2.2281];

    public static function twoSided95(int $degreesOfFreedom): float
    {
        $n = max(1, $degreesOfFreedom);
        if (isset(self::TABLE[$n])) {
            return self::TABLE[$n];
        }
        $x = 1.959963984540054;
        $g1 = ($x ** 3 + $x) / 4.0;
        $g2 = (5.0 * $x ** 5 + 16.0 * $x ** 3 + 3.0 * $x) / 96.0;
        $g3 = (3.0 * $x ** 7 + 19.0 * $x ** 5 + 17.0 * $x ** 3 - 15.0 * $x) / 384.0;

        return $x + $g1 / $n + $g2 / $n ** 2 + $g3 / $n ** 3;
    }
}

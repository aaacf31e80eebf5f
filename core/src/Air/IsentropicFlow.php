<?php

declare(strict_types=1);

namespace DustyJet\Air;

/** Isentropic flow of air through an orifice: NACA Report 1135, ratio of specific heats 1.4. */
final readonly class IsentropicFlow
{
    /** J/(kg K), dry air. */
    public const GAS_CONSTANT = 287.05;

    private const GAMMA = 1.4;

    /** The critical ratio and psi there, to the last digit: asked for in every step of an engine. */
    private const CRITICAL = 0.52828178771717416;

    private const CHOKED = 0.68473145637727039;

    /** Below this ratio of downstream to upstream pressure it is choked: (2/2.4)^3.5 = 0.528282. */
    public static function criticalRatio(): float
    {
        return (2.0 / (self::GAMMA + 1.0)) ** (self::GAMMA / (self::GAMMA - 1.0));
    }

    /**
     * The flow function psi = sqrt(2g/(g-1) (r^(2/g) - r^((g+1)/g))), with m = Cd A P psi / sqrt(R T).
     *
     * @param  float  $ratio downstream over upstream absolute pressure, held at the critical ratio when choked
     */
    public static function function(float $ratio): float
    {
        // With p = r^((g-1)/g) it is sqrt(2g/(g-1) p^(2/(g-1)) (1 - p)): 7 p^5 (1 - p) for air.
        $p = min(1.0, max(self::criticalRatio(), $ratio)) ** ((self::GAMMA - 1.0) / self::GAMMA);

        return sqrt(2.0 * self::GAMMA / (self::GAMMA - 1.0) * $p ** (2.0 / (self::GAMMA - 1.0)) * (1.0 - $p));
    }

    /**
     * The pressure ratio at which what an orifice passes is so much per unit of that ratio: psi(r) / r = k. An engine
     * that draws in proportion to the pressure behind its throttle settles there.
     *
     * In closed form: with p as above k^2 = 2g/(g-1) (1 - p) / p^2, a quadratic; below the critical ratio psi is constant.
     *
     * @param  float  $k above zero
     */
    public static function ratioWhere(float $k): float
    {
        if ($k * self::CRITICAL >= self::CHOKED) {
            return self::CHOKED / $k;
        }
        $a = 2.0 * self::GAMMA / (self::GAMMA - 1.0);

        return (2.0 * $a / ($a + sqrt($a * $a + 4.0 * $a * $k * $k))) ** (self::GAMMA / (self::GAMMA - 1.0));
    }
}

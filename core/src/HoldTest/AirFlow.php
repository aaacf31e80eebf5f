<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\AbsolutePressure;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;

/** Isentropic flow of air through a small hole: NACA Report 1135, ratio of specific heats 1.4. */
final readonly class AirFlow
{
    private const GAMMA = 1.4;

    private const GAS_CONSTANT = 287.05;

    private const REFERENCE_KELVIN = 293.15;

    /** Sharp-edged hole, common practice. */
    private const DISCHARGE_COEFFICIENT = 0.8;

    /** Below this ratio of downstream to upstream pressure the hole is choked: (2/2.4)^3.5 = 0.528282. */
    public static function criticalRatio(): float
    {
        return (2.0 / (self::GAMMA + 1.0)) ** (self::GAMMA / (self::GAMMA - 1.0));
    }

    /**
     * The flow function psi = sqrt(2g/(g-1) (r^(2/g) - r^((g+1)/g))), with m = Cd A P psi / sqrt(R T).
     *
     * @param  float  $ratio downstream over upstream absolute pressure, held at the critical ratio when choked
     */
    public static function flowFunction(float $ratio): float
    {
        $r = min(1.0, max(self::criticalRatio(), $ratio));

        return sqrt(
            max(
                0.0,
                ((2.0 * self::GAMMA) / (self::GAMMA - 1.0))
                    * ($r ** (2.0 / self::GAMMA) - $r ** ((self::GAMMA + 1.0) / self::GAMMA)),
            ),
        );
    }

    /** The sharp round hole that would pass this flow at this pressure, at 20 degrees Celsius. */
    public static function equivalentHole(Flow $flow, GaugePressure $across): Length
    {
        $atmosphere = AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS;
        $inside = $across->above(AbsolutePressure::standardAtmosphere())->inPascals();
        [$upstream, $downstream] = $inside > $atmosphere ? [$inside, $atmosphere] : [$atmosphere, $inside];
        $speed = sqrt(self::GAS_CONSTANT * self::REFERENCE_KELVIN);
        $massFlow = ($flow->inCubicMetresPerSecond() * $atmosphere) / (self::GAS_CONSTANT * self::REFERENCE_KELVIN);
        $area
            = ($massFlow * $speed)
            / (self::DISCHARGE_COEFFICIENT * $upstream * self::flowFunction($downstream / $upstream));

        return Length::ofMetres(sqrt((4.0 * $area) / M_PI));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Air\IsentropicFlow;
use DustyJet\Quantity\AbsolutePressure;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;

/** Isentropic flow of air through a small hole: NACA Report 1135, ratio of specific heats 1.4. */
final readonly class AirFlow
{
    private const REFERENCE_KELVIN = 293.15;

    /** Sharp-edged hole, common practice. */
    private const DISCHARGE_COEFFICIENT = 0.8;

    /** The sharp round hole that would pass this flow at this pressure, at 20 degrees Celsius. */
    public static function equivalentHole(Flow $flow, GaugePressure $across): Length
    {
        $atmosphere = AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS;
        $inside = $across->above(AbsolutePressure::standardAtmosphere())->inPascals();
        [$upstream, $downstream] = $inside > $atmosphere ? [$inside, $atmosphere] : [$atmosphere, $inside];
        $speed = sqrt(IsentropicFlow::GAS_CONSTANT * self::REFERENCE_KELVIN);
        $massFlow = ($flow->inCubicMetresPerSecond() * $atmosphere) / (IsentropicFlow::GAS_CONSTANT * self::REFERENCE_KELVIN);
        $area
            = ($massFlow * $speed)
            / (self::DISCHARGE_COEFFICIENT * $upstream * IsentropicFlow::function($downstream / $upstream));

        return Length::ofMetres(sqrt((4.0 * $area) / M_PI));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;

/** The pressure a column of fuel puts on the needle, rho g h. */
final readonly class GravityHead
{
    /** Petrol at 20 degrees Celsius, common practice. */
    private const PETROL_KG_PER_CUBIC_METRE = 745.0;

    /** CGPM 1901. */
    private const STANDARD_GRAVITY = 9.80665;

    public static function of(Length $height): GaugePressure
    {
        return GaugePressure::ofKilopascals(
            (self::PETROL_KG_PER_CUBIC_METRE * self::STANDARD_GRAVITY * $height->inMetres()) / 1000.0,
        );
    }

    /** Half a metre of fuel above the bowl: as much as a tank on a mower or generator stands. */
    public static function typical(): GaugePressure
    {
        return self::of(Length::ofMetres(0.5));
    }
}

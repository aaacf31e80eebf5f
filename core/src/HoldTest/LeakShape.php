<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Air\IsentropicFlow;

/** How the flow through a leak depends on the pressure across it. */
enum LeakShape: string
{
    case Linear = 'linear';
    case ViscousCrack = 'viscous_crack';
    case Orifice = 'orifice';

    /**
     * The leak rate at a magnitude p away from the atmosphere, up to a constant factor.
     *
     * @param  float  $p kPa, a pressure above or a vacuum below the atmosphere
     * @param  float  $atmosphere kPa absolute
     */
    public function rate(float $p, bool $isVacuum, float $atmosphere): float
    {
        $p = max(0.0, $p);

        return match ($this) {
            self::Linear => $p,
            self::ViscousCrack => $p * (1.0 + ($isVacuum ? -1.0 : 1.0) * $p / (2.0 * $atmosphere)),
            self::Orifice => $isVacuum
                ? $atmosphere * IsentropicFlow::function(($atmosphere - $p) / $atmosphere)
                : ($atmosphere + $p) * IsentropicFlow::function($atmosphere / ($atmosphere + $p)),
        };
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\QuantityOutOfRange;
use DustyJet\Quantity\Volume;

/** The closed volume of one test: hose, gauge and inlet passage. */
final readonly class Rig
{
    /** Hose, gauge and inlet passage of a hand pump, until it is measured. From memory. */
    public const USUAL_MILLILITRES = 18.0;

    /** @param  float  $relativeUncertainty standard uncertainty of the volume, as a share of it */
    public function __construct(public Volume $volume, public float $relativeUncertainty = 0.0)
    {
        if ($relativeUncertainty < 0.0 || $relativeUncertainty > 0.5) {
            throw QuantityOutOfRange::outside('A volume uncertainty', $relativeUncertainty, 0.0, 0.5, '');
        }
    }

    /**
     * The rig's volume from opening it, pumped to p1, to a reference volume at atmosphere: V = V_r p2/(p1 - p2),
     * isothermal.
     *
     * The readings are good to their step: u = step/sqrt(12) each (JCGM 100, F.2.2.1), carried into the volume.
     *
     * @param  GaugePressure|null  $step of the gauge; no uncertainty when not given
     *
     * @throws QuantityOutOfRange If the pressure did not fall to something above zero.
     */
    public static function measuredBy(
        Volume $reference,
        GaugePressure $before,
        GaugePressure $after,
        ?GaugePressure $step = null,
    ): self {
        $drop = $before->inPascals() - $after->inPascals();
        if ($drop <= 0.0 || $after->inPascals() <= 0.0) {
            throw QuantityOutOfRange::notPositive('The fall on opening the reference volume', $drop);
        }

        $u = ($step?->inPascals() ?? 0.0) / sqrt(12.0);
        $relative = hypot(($u * $before->inPascals()) / ($after->inPascals() * $drop), $u / $drop);

        return new self(Volume::ofMillilitres(($reference->inMillilitres() * $after->inPascals()) / $drop), $relative);
    }
}

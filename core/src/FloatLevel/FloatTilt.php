<?php

declare(strict_types=1);

namespace DustyJet\FloatLevel;

/**
 * A float against the body face, carburetor inverted, needle just closed: front is the end away from the hinge.
 *
 * tan(tilt) = (front gap - rear gap) / length. Parallel is what most cards ask. Millimetres.
 */
final readonly class FloatTilt
{
    private const LONGEST_MILLIMETRES = 300.0;

    private function __construct(public float $degrees, public float $heightError)
    {
    }

    /** @throws UnusableFloat If a number cannot be. */
    public static function of(float $front, float $rear, float $length): self
    {
        foreach (['front gap' => $front, 'rear gap' => $rear] as $name => $gap) {
            ($gap >= 0.0 && $gap <= self::LONGEST_MILLIMETRES)
                || throw UnusableFloat::number($name, $gap, 'from 0 to 300 mm');
        }
        ($length > 0.0 && $length <= self::LONGEST_MILLIMETRES)
            || throw UnusableFloat::number('length', $length, 'above 0 and at most 300 mm');

        return new self(rad2deg(atan(($front - $rear) / $length)), $front - $rear);
    }
}

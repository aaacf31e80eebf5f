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

    /** A line shorter than this on a photo has no direction to speak of. */
    private const SHORTEST_PIXELS = 20.0;

    /** Beyond this a line was laid along something else. */
    private const STEEPEST_DEGREES = 45.0;

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

    /**
     * By two lines on a photo, along the face and along the float: the angle between them, over a length.
     *
     * @throws UnusableFloat If a line is a point, or the angle is none that a float has.
     */
    public static function sighted(SightedLine $face, SightedLine $float, float $length): self
    {
        min($face->lengthPixels(), $float->lengthPixels()) >= self::SHORTEST_PIXELS || throw UnusableFloat::line();
        $degrees = $face->degreesTo($float);
        abs($degrees) <= self::STEEPEST_DEGREES || throw UnusableFloat::angle($degrees);

        return self::of(max(0.0, $length * tan(deg2rad($degrees))), max(0.0, -$length * tan(deg2rad($degrees))), $length);
    }
}

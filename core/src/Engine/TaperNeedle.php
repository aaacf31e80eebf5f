<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/**
 * A taper needle in a round seat: the ring that it leaves open.
 *
 * A = pi x sin b (D - x sin b cos b), the lateral area of a truncated cone between edge and needle, at lift x = turns
 * times pitch, half-angle b and bore D, and never more than the bore.
 */
final readonly class TaperNeedle
{
    private float $sine;

    private float $cosine;

    /**
     * @param  float  $pitchMm of its thread
     * @param  float  $halfAngleDeg of its point
     * @param  float  $boreMm of its seat
     */
    public function __construct(public float $pitchMm, public float $halfAngleDeg, public float $boreMm)
    {
        UnusableEngine::unlessWithin('needle_pitch_mm', $pitchMm, 0.1, 3.0);
        UnusableEngine::unlessWithin('needle_half_angle_deg', $halfAngleDeg, 0.5, 60.0);
        UnusableEngine::unlessWithin('bore_mm', $boreMm, 0.05, 10.0);
        $this->sine = sin(deg2rad($halfAngleDeg));
        $this->cosine = cos(deg2rad($halfAngleDeg));
    }

    /** Square millimetres open at so many turns out. */
    public function area(float $turns): float
    {
        $lift = $turns * $this->pitchMm * $this->sine;
        $full = M_PI * $this->boreMm ** 2 / 4.0;

        return $lift * $this->cosine * 2.0 >= $this->boreMm
            ? $full
            : min($full, M_PI * $lift * ($this->boreMm - $lift * $this->cosine));
    }
}

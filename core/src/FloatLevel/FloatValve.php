<?php

declare(strict_types=1);

namespace DustyJet\FloatLevel;

use DustyJet\Quantity\GaugePressure;

/**
 * What a float can shut off: moments about its hinge, p = F (r_float / r_tang) / A_seat.
 *
 * Inverted on the bench its weight closes the needle, F = m g; in fuel it is what it floats by, F = (rho V - m) g.
 */
final readonly class FloatValve
{
    /** Petrol, kg/m3. */
    private const PETROL = 745.0;

    private const GRAVITY = 9.80665;

    /** The head a gravity tank is reckoned with, m. */
    private const HEAD_METRES = 0.5;

    /**
     * @param  float  $grams mass of the float
     * @param  float  $armFloat hinge to where the float's force acts, mm
     * @param  float  $armTang hinge to the needle, mm
     * @param  float  $seat diameter of its orifice, mm
     *
     * @throws UnusableFloat If a number cannot be.
     */
    public function __construct(
        private float $grams,
        private float $armFloat,
        private float $armTang,
        private float $seat,
    ) {
        $limits = [
            'mass' => [$grams, 1000.0, 'above 0 and at most 1000 g'],
            'arm' => [$armFloat, 300.0, 'above 0 and at most 300 mm'],
            'arm of the tang' => [$armTang, 300.0, 'above 0 and at most 300 mm'],
            'seat' => [$seat, 20.0, 'above 0 and at most 20 mm'],
        ];
        foreach ($limits as $name => [$value, $most, $must]) {
            ($value > 0.0 && $value <= $most) || throw UnusableFloat::number($name, $value, $must);
        }
    }

    /** The pressure its weight holds closed, carburetor inverted. */
    public function airTestCloses(): float
    {
        return $this->kilopascals($this->grams / 1000.0 * self::GRAVITY);
    }

    /** Whether a leak at this pressure means anything: below what the weight holds, it does. */
    public function isFairAt(GaugePressure $test): bool
    {
        return $this->airTestCloses() >= $test->inKilopascals();
    }

    /**
     * The pressure it shuts off in fuel, kPa; 0 where it sinks.
     *
     * @param  float  $millilitres volume of the float
     * @param  float  $submerged share of it in fuel
     *
     * @throws UnusableFloat If a number cannot be.
     */
    public function shutsOff(float $millilitres, float $submerged): float
    {
        ($millilitres > 0.0 && $millilitres <= 1000.0)
            || throw UnusableFloat::number('volume', $millilitres, 'above 0 and at most 1000 ml');
        ($submerged > 0.0 && $submerged <= 1.0)
            || throw UnusableFloat::number('submerged share', $submerged, 'above 0 and at most 1');
        $lift = self::PETROL * $millilitres * 1e-6 * $submerged - $this->grams / 1000.0;

        return max(0.0, $this->kilopascals($lift * self::GRAVITY));
    }

    /** How often it could shut off half a metre of petrol. */
    public static function marginOverHead(float $kilopascals): float
    {
        return $kilopascals / (self::PETROL * self::GRAVITY * self::HEAD_METRES / 1000.0);
    }

    /** How far the tang moves at the needle for an error at the float: error x r_tang / r_float, mm. */
    public function tangCorrection(float $heightErrorMillimetres): float
    {
        return $heightErrorMillimetres * $this->armTang / $this->armFloat;
    }

    private function kilopascals(float $newtons): float
    {
        $squareMetres = M_PI / 4.0 * ($this->seat / 1000.0) ** 2;

        return $newtons * ($this->armFloat / $this->armTang) / $squareMetres / 1000.0;
    }
}

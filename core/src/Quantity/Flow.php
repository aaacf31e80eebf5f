<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/** Gas flow counted at 101.325 kPa and 20 degrees Celsius. A millilitre is a cubic centimetre. */
final readonly class Flow
{
    private function __construct(private float $millilitresPerMinute)
    {
    }

    /** @throws QuantityOutOfRange If the value is not finite. */
    public static function ofMillilitresPerMinute(float $millilitresPerMinute): self
    {
        if (! is_finite($millilitresPerMinute)) {
            throw QuantityOutOfRange::notFinite('A flow');
        }

        return new self($millilitresPerMinute);
    }

    /**
     * Isothermal mass balance of a closed volume, Q = V/P_ref |dP/dt|.
     *
     * @param  float  $pascalsPerSecond how fast the pressure changes, sign ignored
     */
    public static function fromPressureChange(Volume $volume, float $pascalsPerSecond): self
    {
        $cubicMetresPerSecond
            = ($volume->inCubicMetres() / AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS) * abs($pascalsPerSecond);

        return self::ofMillilitresPerMinute($cubicMetresPerSecond * 6e7);
    }

    public function inMillilitresPerMinute(): float
    {
        return $this->millilitresPerMinute;
    }

    public function inCubicMetresPerSecond(): float
    {
        return $this->millilitresPerMinute / 6e7;
    }

    /** How fast this flow changes the pressure of a closed volume, in pascals per second. */
    public function asPressureChangeOf(Volume $volume): float
    {
        return ($this->inCubicMetresPerSecond() * AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS)
            / $volume->inCubicMetres();
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/** Pressure against the atmosphere: above it positive, vacuum negative. Exact down to a perfect vacuum at sea level. */
final readonly class GaugePressure
{
    private function __construct(private float $pascals)
    {
    }

    /**
     * @throws QuantityOutOfRange If the value is not finite or lies below a perfect vacuum under the standard
     *     atmosphere.
     */
    public static function of(float $value, PressureUnit $unit): self
    {
        if (! is_finite($value)) {
            throw QuantityOutOfRange::notFinite('A pressure');
        }
        $pascals = $value * $unit->pascals();
        if ($pascals < -AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS) {
            throw QuantityOutOfRange::belowVacuum(($pascals + AbsolutePressure::STANDARD_ATMOSPHERE_PASCALS) / 1000.0);
        }

        return new self($pascals);
    }

    public static function ofPsi(float $psi): self
    {
        return self::of($psi, PressureUnit::Psi);
    }

    public static function ofKilopascals(float $kilopascals): self
    {
        return self::of($kilopascals, PressureUnit::Kilopascal);
    }

    /** A vacuum is spoken of as a positive number: 15 inHg of vacuum is -15 inHg gauge. */
    public static function ofVacuum(float $magnitude, PressureUnit $unit): self
    {
        return self::of(-$magnitude, $unit);
    }

    public function in(PressureUnit $unit): float
    {
        return $this->pascals / $unit->pascals();
    }

    public function inPascals(): float
    {
        return $this->pascals;
    }

    public function inKilopascals(): float
    {
        return $this->pascals / 1000.0;
    }

    public function inPsi(): float
    {
        return $this->in(PressureUnit::Psi);
    }

    public function isVacuum(): bool
    {
        return $this->pascals < 0.0;
    }

    public function above(AbsolutePressure $atmosphere): AbsolutePressure
    {
        return AbsolutePressure::ofPascals($atmosphere->inPascals() + $this->pascals);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/** Pressure against a perfect vacuum. */
final readonly class AbsolutePressure
{
    /** ISO 2533 and US Standard Atmosphere 1976. */
    public const STANDARD_ATMOSPHERE_PASCALS = 101325.0;

    private function __construct(private float $pascals)
    {
    }

    /** @throws QuantityOutOfRange If the value is not finite or negative. */
    public static function ofPascals(float $pascals): self
    {
        if (! is_finite($pascals)) {
            throw QuantityOutOfRange::notFinite('A pressure');
        }
        if ($pascals < 0.0) {
            throw QuantityOutOfRange::belowVacuum($pascals / 1000.0);
        }

        return new self($pascals);
    }

    public static function standardAtmosphere(): self
    {
        return new self(self::STANDARD_ATMOSPHERE_PASCALS);
    }

    public function inPascals(): float
    {
        return $this->pascals;
    }

    public function inKilopascals(): float
    {
        return $this->pascals / 1000.0;
    }
}

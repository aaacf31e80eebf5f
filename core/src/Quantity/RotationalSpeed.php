<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

final readonly class RotationalSpeed
{
    /** Faster than any small engine turns: a reading above it is a wrong tachometer factor. */
    public const MAXIMUM_RPM = 25000.0;

    private function __construct(private float $rpm)
    {
    }

    /** @throws QuantityOutOfRange If the value is not finite, negative or above 25,000 rpm. */
    public static function ofRpm(float $rpm): self
    {
        if (! is_finite($rpm)) {
            throw QuantityOutOfRange::notFinite('A speed');
        }
        if ($rpm < 0.0 || $rpm > self::MAXIMUM_RPM) {
            throw QuantityOutOfRange::outside('A speed', $rpm, 0, self::MAXIMUM_RPM, 'rpm');
        }

        return new self($rpm);
    }

    public function inRpm(): float
    {
        return $this->rpm;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

final readonly class Duration
{
    private function __construct(private float $seconds)
    {
    }

    /** @throws QuantityOutOfRange If the value is not finite or negative. */
    public static function ofSeconds(float $seconds): self
    {
        if (! is_finite($seconds)) {
            throw QuantityOutOfRange::notFinite('A time');
        }
        if ($seconds < 0.0) {
            throw QuantityOutOfRange::outside('A time', $seconds, 0, 1e9, 's');
        }

        return new self($seconds);
    }

    public static function ofMinutes(float $minutes): self
    {
        return self::ofSeconds($minutes * 60.0);
    }

    public function inSeconds(): float
    {
        return $this->seconds;
    }

    public function inMinutes(): float
    {
        return $this->seconds / 60.0;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/** NIST SP 811 appendix B.8: 1 in = 25.4 mm exactly; a thou is a thousandth of an inch. */
final readonly class Length
{
    private function __construct(private float $metres)
    {
    }

    /** @throws QuantityOutOfRange If the value is not finite. */
    public static function ofMetres(float $metres): self
    {
        if (! is_finite($metres)) {
            throw QuantityOutOfRange::notFinite('A length');
        }

        return new self($metres);
    }

    public static function ofMillimetres(float $millimetres): self
    {
        return self::ofMetres($millimetres / 1000.0);
    }

    public static function ofInches(float $inches): self
    {
        return self::ofMetres($inches * 0.0254);
    }

    public static function ofThou(float $thou): self
    {
        return self::ofInches($thou / 1000.0);
    }

    public function inMetres(): float
    {
        return $this->metres;
    }

    public function inMillimetres(): float
    {
        return $this->metres * 1000.0;
    }

    public function inMicrometres(): float
    {
        return $this->metres * 1e6;
    }

    public function inInches(): float
    {
        return $this->metres / 0.0254;
    }
}

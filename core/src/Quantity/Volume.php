<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/** NIST SP 811 appendix B.8: 1 US gal = 3.785412 L, 1 US fl oz = 29.57353 mL. */
final readonly class Volume
{
    private function __construct(private float $cubicMetres)
    {
    }

    /** @throws QuantityOutOfRange If the value is not finite or not above zero. */
    public static function ofMillilitres(float $millilitres): self
    {
        if (! is_finite($millilitres)) {
            throw QuantityOutOfRange::notFinite('A volume');
        }
        if ($millilitres <= 0.0) {
            throw QuantityOutOfRange::notPositive('A volume', $millilitres);
        }

        return new self($millilitres * 1e-6);
    }

    public static function ofUsGallons(float $gallons): self
    {
        return self::ofMillilitres($gallons * 3785.411784);
    }

    public static function ofUsFluidOunces(float $ounces): self
    {
        return self::ofMillilitres($ounces * 29.5735295625);
    }

    public function inMillilitres(): float
    {
        return $this->cubicMetres * 1e6;
    }

    public function inCubicMetres(): float
    {
        return $this->cubicMetres;
    }
}

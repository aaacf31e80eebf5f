<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/**
 * Units a gauge can be marked in, with pascals per unit.
 *
 * Factors: NIST SP 811 (2008) appendix B.8; inHg and inH2O are the conventional ones.
 */
enum PressureUnit: string
{
    case Psi = 'psi';
    case Kilopascal = 'kpa';
    case Bar = 'bar';
    case InchOfMercury = 'inhg';
    case InchOfWater = 'inh2o';

    public function pascals(): float
    {
        return match ($this) {
            self::Psi => 6894.757293168361,
            self::Kilopascal => 1000.0,
            self::Bar => 100000.0,
            self::InchOfMercury => 3386.389,
            self::InchOfWater => 249.08891,
        };
    }

    public function kilopascals(): float
    {
        return $this->pascals() / 1000.0;
    }

    /** As printed on a gauge face. */
    public function symbol(): string
    {
        return match ($this) {
            self::Psi => 'psi',
            self::Kilopascal => 'kPa',
            self::Bar => 'bar',
            self::InchOfMercury => 'inHg',
            self::InchOfWater => 'inH₂O',
        };
    }
}

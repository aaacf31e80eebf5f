<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/** What a metering spring is wound of. Shear moduli by wire: Shigley's Mechanical Engineering Design, table 10-5. */
enum SpringMaterial: string
{
    case MusicWire = 'music_wire';
    case Stainless302 = 'stainless_302';

    public function shearModulusPascals(float $wireMillimetres): float
    {
        return match (true) {
            $this === self::Stainless302 => 69.0e9,
            $wireMillimetres < 0.8 => 82.7e9,
            $wireMillimetres <= 1.6 => 81.7e9,
            $wireMillimetres <= 3.0 => 81.0e9,
            default => 80.0e9,
        };
    }
}

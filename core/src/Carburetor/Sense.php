<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a screw meters. Out is counter-clockwise; whether out is richer depends on this alone. */
enum Sense: string
{
    case Fuel = 'fuel';
    case Air = 'air';
    case None = 'none';

    public function outIsRicher(): bool
    {
        return $this === self::Fuel;
    }

    public function turningIn(): string
    {
        return match ($this) {
            self::Fuel => 'leaner',
            self::Air => 'richer',
            self::None => 'faster',
        };
    }

    public function turningOut(): string
    {
        return match ($this) {
            self::Fuel => 'richer',
            self::Air => 'leaner',
            self::None => 'slower',
        };
    }
}

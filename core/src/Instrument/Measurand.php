<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

/** What an instrument measures, and the unit its samples are in unless they name another. */
enum Measurand: string
{
    case Pressure = 'pressure';
    case Vacuum = 'vacuum';
    case Rpm = 'rpm';

    public function label(): string
    {
        return match ($this) {
            self::Pressure => 'Pressure gauge',
            self::Vacuum => 'Vacuum set',
            self::Rpm => 'Tachometer',
        };
    }

    /** Beyond this it is no reading: kPa, kPa below the atmosphere, revolutions a minute. */
    public function most(): float
    {
        return match ($this) {
            self::Pressure => 1000.0,
            self::Vacuum => 101.325,
            self::Rpm => 30000.0,
        };
    }

    public function unit(): string
    {
        return $this === self::Rpm ? 'rpm' : 'kpa';
    }
}

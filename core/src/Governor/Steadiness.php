<?php

declare(strict_types=1);

namespace DustyJet\Governor;

/** Whether a governed engine holds its speed, and what holding its governor by hand did to it. */
enum Steadiness: string
{
    case Steady = 'steady';
    case Hunts = 'hunts';
    case SurgesHeld = 'surges_held';

    public function title(): string
    {
        return match ($this) {
            self::Steady => 'Steady',
            self::Hunts => 'Hunts, steady with the governor held',
            self::SurgesHeld => 'Surges with the governor held too',
        };
    }
}

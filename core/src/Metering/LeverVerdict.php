<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/** Where a metering lever stands against its card, and what it does there. */
enum LeverVerdict: string
{
    case Low = 'low';
    case In = 'in';
    case High = 'high';

    /** What the engine has of it. */
    public function effect(): string
    {
        return match ($this) {
            self::Low => 'lean',
            self::In => 'none',
            self::High => 'rich',
        };
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/** Why no cut is proposed. */
enum SpringRefusal: string
{
    case Solid = 'solid_as_installed';
    case NoPreload = 'no_preload';
    case TargetAbove = 'target_above_present';

    public function sentence(): string
    {
        return match ($this) {
            self::Solid => 'As installed its coils touch: it is no spring there. Measure the installed length again.',
            self::NoPreload => 'As installed it is not pressed together: cutting it can only make it looser.',
            self::TargetAbove => 'Cutting lowers the pop-off. For a higher one fit another spring.',
        };
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Governor;

use DustyJet\Carburetor\Drive;

/** How an engine idles, by ear and by what it drives. */
enum IdleManner: string
{
    case Smooth = 'smooth';
    case Rough = 'rough';
    case Stalls = 'stalls';
    case Creeps = 'creeps';
    case Clunks = 'clunks';
    case StallsInGear = 'stalls_in_gear';

    public function title(): string
    {
        return match ($this) {
            self::Smooth => 'Smooth',
            self::Rough => 'Rough, hunts',
            self::Stalls => 'Will not stay up',
            self::Creeps => 'It drives at idle',
            self::Clunks => 'Clunks into gear',
            self::StallsInGear => 'Stalls in gear',
        };
    }

    /** @return non-empty-list<self> what can be heard of it with this behind it */
    public static function with(Drive $drive): array
    {
        return [self::Smooth, self::Rough, self::Stalls, ...match ($drive) {
            Drive::Direct => [],
            Drive::Clutch => [self::Creeps],
            Drive::Gear => [self::Clunks, self::StallsInGear],
        }];
    }
}

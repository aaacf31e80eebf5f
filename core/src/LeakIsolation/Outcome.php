<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** What a pressure test of a boundary came to. */
enum Outcome: string
{
    case Leaks = 'leaks';
    case Holds = 'holds';

    /** Neither: the leak may still be above or below the limit. */
    case KeepWatching = 'keep_watching';

    /** Chance of it where something leaks that is under pressure, and where nothing does. From memory. */
    public function chance(bool $isLeaking): float
    {
        return match ($this) {
            self::Leaks => $isLeaking ? 0.99 : 0.01,
            self::Holds => $isLeaking ? 0.01 : 0.99,
            self::KeepWatching => 1.0,
        };
    }
}

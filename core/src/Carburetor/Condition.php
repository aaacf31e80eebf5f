<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What an inspected part turned out to be. */
enum Condition: string
{
    case Sound = 'sound';
    case Cleaned = 'cleaned';
    case Replace = 'replace';
    case Scrap = 'scrap';

    public function label(): string
    {
        return match ($this) {
            self::Sound => 'Sound',
            self::Cleaned => 'Cleaned',
            self::Replace => 'New part',
            self::Scrap => 'Scraps the body',
        };
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What an inspected part turned out to be. */
enum Condition: string
{
    case Sound = 'sound';
    case Cleaned = 'cleaned';
    case Replace = 'replace';
    case Renewed = 'renewed';
    case Scrap = 'scrap';

    /** Whether it is good now. */
    public function isGood(): bool
    {
        return $this === self::Sound || $this === self::Renewed;
    }

    public function label(): string
    {
        return match ($this) {
            self::Sound => 'Sound',
            self::Cleaned => 'Cleaned',
            self::Replace => 'New part',
            self::Renewed => 'New part is in',
            self::Scrap => 'Scraps the body',
        };
    }
}

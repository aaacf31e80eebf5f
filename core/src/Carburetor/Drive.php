<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What an engine drives while it idles. */
enum Drive: string
{
    /** A blade, a generator, a belt that is let go: it turns, and nothing else happens. */
    case Direct = 'direct';

    /** A centrifugal clutch: it takes hold somewhere above the idle. */
    case Clutch = 'clutch';

    /** A gear that is shifted while it idles. */
    case Gear = 'gear';

    /** Where the idle belongs, and why; a sentence without its full stop. Common practice. */
    public function target(): string
    {
        return match ($this) {
            self::Direct => 'steady, and fast enough that the governor picks up from it',
            self::Clutch => 'smooth, and below where the clutch takes hold: nothing it drives may creep',
            self::Gear => 'as low as it runs smooth, so that it goes into gear without a clunk',
        };
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

use DateTimeImmutable;

enum Season: string
{
    case Winter = 'winter';
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';

    /** By calendar month north of the equator; a shop south of it gives the season itself. */
    public static function on(DateTimeImmutable $day): self
    {
        return self::cases()[intdiv((int) $day->format('n') % 12, 3)];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Log;

use Closure;
use DustyJet\Worksheet\Act;

/** How the acts of one room are said in the log. */
interface RoomWords
{
    /**
     * A test holds that every kind has its words, and that each takes just its act.
     *
     * @return array<class-string<Act>, Closure> from the act and the names of its family to a {@see Phrase}
     */
    public static function table(): array;
}

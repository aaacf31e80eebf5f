<?php

declare(strict_types=1);

namespace App\View\Stations;

/** Work that has one part in hand: it is the one lit on the drawing. */
interface TalksOfAPart
{
    /** Its name on the drawing; null where it is not drawn. */
    public function part(): ?string;
}

<?php

declare(strict_types=1);

namespace App\View\Stations;

/** What there is to do at a station, ready to be printed. */
interface StationWork
{
    /** Name of the view that prints it. */
    public function view(): string;

    /** Whether it fills the sheet by itself, without the drawing beside it. */
    public function fillsTheSheet(): bool;
}

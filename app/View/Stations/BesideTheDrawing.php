<?php

declare(strict_types=1);

namespace App\View\Stations;

/** Most work is done beside the drawing. */
trait BesideTheDrawing
{
    public function fillsTheSheet(): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace App\View\Stations\Screws;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\StationWork;

/** A station of screws on something that has none. */
final readonly class NoScrews implements StationWork
{
    use BesideTheDrawing;

    public function __construct(public string $say)
    {
    }

    public function view(): string
    {
        return 'stations.screws.none';
    }
}

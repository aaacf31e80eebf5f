<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Numbers;
use DustyJet\Worksheet\Screws\AdjusterState;

/** The latest speed read with a screw. */
final readonly class LastReading
{
    private function __construct(public ?float $inRpm, public string $rpm, public string $about)
    {
    }

    public static function of(AdjusterState $state): self
    {
        $count = count($state->readings);
        $last = $state->readings[$count - 1] ?? null;
        if ($last === null) {
            return new self(null, '–', 'No reading yet');
        }
        $at = 'at '.Numbers::inTurns($last->turns).", reading {$count}";

        return match (true) {
            $last->hasDied() => new self(null, '–', "Died {$at}"),
            $last->isByEar() => new self(null, '–', "By ear {$at}"),
            default => new self($last->rpm(), Numbers::rpm($last->rpm()), $at),
        };
    }
}

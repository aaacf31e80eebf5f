<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Worksheet\Screws\AdjusterState;

/** The screw under a dial, and the three settings that are compared. */
final readonly class DialScrew
{
    private function __construct(
        public string $key,
        public string $letter,
        public string $name,
        public string $does,
        public string $found,
        public string $book,
        public string $left,
        public string $part,
    ) {
    }

    public static function of(AdjusterState $state): self
    {
        $adjuster = $state->adjuster;

        return new self(
            $adjuster->key,
            $adjuster->letter,
            $adjuster->name,
            $adjuster->does,
            Numbers::found($state->found),
            Numbers::book($adjuster->book),
            Numbers::turns($state->left),
            $adjuster->part,
        );
    }
}

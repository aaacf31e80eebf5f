<?php

declare(strict_types=1);

namespace App\View\Stations\Screws;

use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Screws\AdjusterState;

/** The limiter cap of a mixture screw, where it is set. */
final readonly class CapForm
{
    private function __construct(public bool $isOffered, public string $said, public string $from, public string $to)
    {
    }

    public static function of(AdjusterState $state, Station $station): self
    {
        $caps = $state->caps;

        return new self(
            $station === Station::Set && $state->adjuster->isMixture,
            $caps === null ? 'none noted' : Numbers::turns($caps->from).' to '.Numbers::turns($caps->to),
            $caps === null ? '' : Numbers::turns($caps->from),
            $caps === null ? '' : Numbers::turns($caps->to),
        );
    }
}

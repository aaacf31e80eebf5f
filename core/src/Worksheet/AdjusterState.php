<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Adjuster;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;

/** One screw: as found, by the book, where it stands now, and the readings taken with it. */
final readonly class AdjusterState
{
    /** @param  list<MixtureReading>  $readings since the mixture last became doubtful, oldest first */
    public function __construct(
        public Adjuster $adjuster,
        public School $school,
        public ?Turns $found = null,
        public ?Turns $set = null,
        public ?Turns $left = null,
        public array $readings = [],
    ) {
    }

    /** Where the screw stands as far as the log knows; null before it was ever counted. */
    public function current(): ?Turns
    {
        return $this->left ?? $this->set ?? $this->found;
    }

    /** A screw found far from the book tells a story: two turns and more. Common practice. */
    public function isFoundFarOut(): bool
    {
        return $this->found !== null && abs($this->found->inTurns() - $this->adjuster->baseline->inTurns()) >= 2.0;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Deed;

/** Something worth doing next, with its reason and its minutes. */
final readonly class Move
{
    /** More than these at once is no next move. */
    public const MOST = 3;

    /**
     * @param  string  $target name of what the move is done on, for the screen to go to: an adjuster, a step, a test
     * @param  list<Deed>  $does what a finding could forbid
     */
    public function __construct(
        public Station $station,
        public string $do,
        public string $why,
        public int $minutes,
        public string $key,
        public string $target = '',
        public array $does = [],
    ) {
    }

    /** The same, on the way to something. */
    public function toward(string $aim): self
    {
        return new self(
            $this->station,
            $this->do,
            "{$aim} {$this->why}",
            $this->minutes,
            $this->key,
            $this->target,
            $this->does,
        );
    }
}

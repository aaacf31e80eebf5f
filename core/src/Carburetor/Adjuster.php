<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;

/** A screw a technician counts and sets. */
final readonly class Adjuster
{
    /**
     * @param  list<string>  $onlyIn the variants that have it; empty when all have
     * @param  bool  $isMixture whether it meters; a stop screw does not
     * @param  bool  $senseIsChosen whether fuel or air is found by looking at the machine
     * @param  Turns  $cardOffset how far rich of the lean edge to leave it where there is no rich edge
     * @param  string|null  $hint how it is told from the others
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $letter,
        public string $does,
        public string $part,
        public bool $isMixture,
        public Sense $sense,
        public bool $senseIsChosen,
        public array $onlyIn,
        public Turns $baseline,
        public string $provenance,
        public Turns $cardOffset,
        public School $school,
        public ?string $hint = null,
    ) {
    }

    public function metering(Sense $found): self
    {
        return $this->senseIsChosen
            ? new self($this->key, $this->name, $this->letter, $this->does, $this->part, $this->isMixture, $found, true, $this->onlyIn, $this->baseline, $this->provenance, $this->cardOffset, $this->school, $this->hint)
            : $this;
    }

    public function isIn(string $variant): bool
    {
        return $this->onlyIn === [] || in_array($variant, $this->onlyIn, true);
    }
}

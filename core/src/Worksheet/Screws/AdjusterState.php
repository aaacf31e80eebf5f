<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\Carburetor\Adjuster;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;

/** One screw: as found, by the book, where it stands now, and the readings taken with it. */
final readonly class AdjusterState
{
    /** @param  list<MixtureReading>  $readings oldest first */
    private function __construct(
        public Adjuster $adjuster,
        public School $school,
        public ?Turns $found = null,
        public ?Turns $set = null,
        public ?Turns $left = null,
        public array $readings = [],
    ) {
    }

    public static function untouched(Adjuster $adjuster): self
    {
        return new self($adjuster, $adjuster->book->school);
    }

    /** What is known of this screw, on another variant or with another sense. */
    public function as(Adjuster $adjuster): self
    {
        return new self($adjuster, $this->school, $this->found, $this->set, $this->left, $this->readings);
    }

    /** On another carburetor. */
    public function renewed(): self
    {
        return new self($this->adjuster, $this->school, $this->found);
    }

    public function found(Turns $turns): self
    {
        return new self($this->adjuster, $this->school, $turns, $this->set, $this->left, $this->readings);
    }

    public function set(Turns $turns): self
    {
        return new self($this->adjuster, $this->school, $this->found, $turns, $this->left, $this->readings);
    }

    public function left(Turns $turns): self
    {
        return new self($this->adjuster, $this->school, $this->found, $turns, $turns, $this->readings);
    }

    public function read(MixtureReading $reading): self
    {
        $readings = [...$this->readings, $reading];

        return new self($this->adjuster, $this->school, $this->found, $reading->turns, $this->left, $readings);
    }

    /** A log from before the rich side was the only one may name another for a screw that must not be set by it. */
    public function taught(School $school): self
    {
        if (! in_array($school, $this->adjuster->book->school->choices(), true)) {
            return $this;
        }

        return new self($this->adjuster, $school, $this->found, $this->set, $this->left, $this->readings);
    }

    /** Where the screw stands as far as the log knows; null before it was ever counted. */
    public function current(): ?Turns
    {
        return $this->left ?? $this->set ?? $this->found;
    }

    /** Whether going to these turns moves it; the first time it is set, nobody knows from where. */
    public function isMovedBy(Turns $turns): bool
    {
        $before = $this->current();

        return $before !== null && ! $before->isSameAs($turns);
    }

    /** The name its setting is doubted under. */
    public function reading(): string
    {
        return $this->adjuster->reading();
    }

    /** A screw found far from the book tells a story: two turns and more. Common practice. */
    public function isFoundFarOut(): bool
    {
        return $this->found !== null
            && abs($this->found->inTurns() - $this->adjuster->book->turns->inTurns()) >= 2.0;
    }

    /**
     * H of a two-stroke is not started leaner than the book: there it seizes. What was found far from the book made up
     * for something, and is not gone back to. Common practice.
     */
    public function mayStartAt(Turns $turns): bool
    {
        $leanest = $this->adjuster->book->range[0] ?? $this->adjuster->book->turns;
        $isTooLean = $this->school === School::RichSide && $turns->inUnits() < $leanest->inUnits();

        return ! $isTooLean && ! ($this->isFoundFarOut() && $this->found?->isSameAs($turns) === true);
    }
}

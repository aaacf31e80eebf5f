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
    private const EIGHTH_UNITS = 6;

    /** @param  list<MixtureReading>  $readings oldest first */
    private function __construct(
        public Adjuster $adjuster,
        public School $school,
        public ?Turns $found = null,
        public ?Turns $set = null,
        public ?Turns $left = null,
        public array $readings = [],
        public ?Caps $caps = null,
    ) {
    }

    public static function untouched(Adjuster $adjuster): self
    {
        return new self($adjuster, $adjuster->book->school);
    }

    /** What is known of this screw, on another variant or with another sense. */
    public function as(Adjuster $adjuster): self
    {
        return $this->but(adjuster: $adjuster);
    }

    /** On another carburetor. */
    public function renewed(): self
    {
        return new self($this->adjuster, $this->school, $this->found);
    }

    public function found(Turns $turns): self
    {
        return $this->but(found: $turns);
    }

    public function set(Turns $turns): self
    {
        return $this->but(set: $turns);
    }

    public function left(Turns $turns): self
    {
        return $this->but(set: $turns, left: $turns);
    }

    public function read(MixtureReading $reading): self
    {
        // Copied at once, not one by one: a screw may have been read thousands of times.
        $readings = $this->readings;
        $readings[] = $reading;

        return $this->but(set: $reading->turns, readings: $readings);
    }

    /** A log from before the rich side was the only one may name another for a screw that must not be set by it. */
    public function taught(School $school): self
    {
        if (! in_array($school, $this->adjuster->book->school->choices(), true)) {
            return $this;
        }

        return $this->but(school: $school);
    }

    public function capped(Caps $caps): self
    {
        return $this->but(caps: $caps);
    }

    /** @param  list<MixtureReading>|null  $readings */
    private function but(
        ?Adjuster $adjuster = null,
        ?School $school = null,
        ?Turns $found = null,
        ?Turns $set = null,
        ?Turns $left = null,
        ?array $readings = null,
        ?Caps $caps = null,
    ): self {
        return new self(
            $adjuster ?? $this->adjuster,
            $school ?? $this->school,
            $found ?? $this->found,
            $set ?? $this->set,
            $left ?? $this->left,
            $readings ?? $this->readings,
            $caps ?? $this->caps,
        );
    }

    /** Where the screw stands as far as the log knows; null before it was ever counted. */
    public function current(): ?Turns
    {
        return $this->left ?? $this->set ?? $this->found;
    }

    /**
     * Whether going to these turns moves it, by a step of the screw at least: a pass that moves nothing further is the last.
     * The first time it is set, nobody knows from where.
     */
    public function isMovedBy(Turns $turns): bool
    {
        $before = $this->current();

        $step = min(self::EIGHTH_UNITS, $this->adjuster->book->step->inUnits());

        return $before !== null && abs($before->inUnits() - $turns->inUnits()) >= max(1, $step);
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

    /** Where it is set to begin with: the book; where its cap does not let it go there, the middle, and of H the rich end. */
    public function start(): Turns
    {
        $book = $this->adjuster->book->turns;
        if ($this->caps === null || $this->caps->allows($book)) {
            return $book;
        }
        if ($this->school === School::Flutter) {
            return $this->adjuster->sense->outIsRicher() ? $this->caps->to : $this->caps->from;
        }

        return $this->caps->middle();
    }

    /**
     * H of a two-stroke is not started leaner than the book: there it seizes. What was found far from the book made up
     * for something, and is not gone back to. Beyond a limiter cap nothing starts. Common practice.
     */
    public function mayStartAt(Turns $turns): bool
    {
        $leanest = $this->adjuster->book->range[0] ?? $this->adjuster->book->turns;
        $isTooLean = $this->school === School::Flutter && $turns->inUnits() < $leanest->inUnits();

        return ! $isTooLean && $this->caps?->allows($turns) !== false && ! ($this->isFoundFarOut() && $this->found?->isSameAs($turns) === true);
    }
}

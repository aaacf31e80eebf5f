<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A screw a technician counts and sets. */
final readonly class Adjuster
{
    /**
     * @param  list<string>  $onlyIn the variants that have it; empty when all have
     * @param  bool  $isMixture whether it meters; a stop screw does not
     * @param  bool  $senseIsChosen whether fuel or air is found by looking at the machine
     * @param  string|null  $hint how it is told from the others
     * @param  string|null  $judge how it is judged on the running engine, where speed alone does not tell
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
        public Book $book,
        public ?string $hint = null,
        public ?string $judge = null,
    ) {
    }

    public function metering(Sense $found): self
    {
        return $this->senseIsChosen
            ? new self(
                $this->key,
                $this->name,
                $this->letter,
                $this->does,
                $this->part,
                $this->isMixture,
                $found,
                true,
                $this->onlyIn,
                $this->book,
                $this->hint,
                $this->judge,
            )
            : $this;
    }

    public function isIn(string $variant): bool
    {
        return $this->onlyIn === [] || in_array($variant, $this->onlyIn, true);
    }

    public function datum(): Datum
    {
        return $this->isMixture ? Datum::Seat : Datum::Cam;
    }

    /** The name a disturbance doubts its setting under. */
    public function reading(): string
    {
        return $this->isMixture ? "mixture.{$this->key}" : 'idle_speed';
    }
}

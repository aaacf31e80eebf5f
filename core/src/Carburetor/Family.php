<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\StripAndBuild\StripPlan;

/** What every carburetor of one design has in common. Its id is also the diagnosis's name for it. */
final readonly class Family
{
    /**
     * @param  string  $drawing name of its cutaway
     * @param  string  $choose the question that tells its variants apart
     * @param  non-empty-array<string, Variant>  $variants
     * @param  array<string, Adjuster>  $adjusters
     * @param  list<Coupling>  $couplings
     * @param  array<string, Part>  $parts of the drawing, in the order of their numbers
     * @param  array<string, Circuit>  $circuits
     * @param  non-empty-array<string, StripPlan>  $plans by variant
     * @param  array<string, Inspection>  $inspections parts first, then passages
     * @param  array<string, string>  $links what to note of rods, springs and hoses before they come off
     * @param  array<string, list<Layer>>  $stacks by side, from the body outward
     * @param  list<string>  $tools
     * @param  array<string, BenchTest>  $tests
     * @param  array<string, int>  $stationMinutes
     * @param  array<string, Disturbance>  $stale by touched thing
     * @param  array<string, array{do: string, takes: string|null}>  $checks before hand-back
     * @param  array<string, Caution>  $cautions
     * @param  array<string, string>  $hazards the usual caution of a station
     * @param  array<string, Clock>  $clocks
     * @param  array<string, string>  $coach more words for a learner, by station
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $fits,
        public string $drawing,
        public string $choose,
        public array $variants,
        public array $adjusters,
        public array $couplings,
        public array $parts,
        public array $circuits,
        public array $plans,
        public array $inspections,
        public array $links,
        public array $stacks,
        public Kit $kit,
        public array $tools,
        public array $tests,
        public ?HoldAsked $hold,
        public array $stationMinutes,
        public array $stale,
        public array $checks,
        public array $cautions,
        public array $hazards,
        public array $clocks,
        public array $coach,
        public Card $card,
    ) {
    }

    /** @return array<string, Adjuster> those this variant has, with the sense found on the machine */
    public function adjustersOf(string $variant, Sense $idleSense): array
    {
        $here = $this->variantOr($variant);

        return array_map(static fn (Adjuster $a): Adjuster => $a->metering($idleSense), array_filter($this->adjusters, static fn (Adjuster $a): bool => $a->isIn($here)));
    }

    /** @return array<string, Part> of the drawing of this variant */
    public function partsOf(string $variant): array
    {
        $here = $this->variantOr($variant);

        return array_filter($this->parts, static fn (Part $p): bool => $p->onlyIn === [] || in_array($here, $p->onlyIn, true));
    }

    /** How this variant comes apart; of an unknown one, as the first. */
    public function plan(string $variant): StripPlan
    {
        return $this->plans[$this->variantOr($variant)];
    }

    /** @return array<string, Inspection> those this variant has a part for */
    public function inspectionsOf(string $variant): array
    {
        $parts = $this->plan($variant)->parts;

        return array_filter($this->inspections, static fn (Inspection $i): bool => $i->parts === [] || array_intersect($i->parts, array_keys($parts)) !== []);
    }

    /** @return list<string> what becomes doubtful when a screw of this variant moves */
    public function upsetBy(string $adjuster, string $variant): array
    {
        $here = $this->variantOr($variant);
        $upset = [];
        foreach ($this->couplings as $coupling) {
            $upset = $coupling->moving === $adjuster && ($coupling->only === [] || in_array($here, $coupling->only, true)) ? [...$upset, ...$coupling->upsets] : $upset;
        }

        return $upset;
    }

    public function minutesAt(Station $station): int
    {
        return $this->stationMinutes[$station->value] ?? $station->minutes();
    }

    /** Whether the machine must be looked at to say what its idle screw meters. */
    public function asksForSense(): bool
    {
        return array_filter($this->adjusters, static fn (Adjuster $a): bool => $a->senseIsChosen) !== [];
    }

    public function variantOr(string $variant): string
    {
        return isset($this->variants[$variant]) ? $variant : array_key_first($this->variants);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\StripAndBuild\StripPlan;

/** What every carburetor of one design has in common. Its id is also the diagnosis's name for it. */
final readonly class Family
{
    /**
     * @param  string  $choose the question that tells its variants apart
     * @param  non-empty-array<string, Variant>  $variants
     * @param  array<string, Adjuster>  $adjusters
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $fits,
        public string $choose,
        public array $variants,
        public Drawing $drawing,
        public array $adjusters,
        public Upsets $upsets,
        public Teardown $teardown,
        public Proof $proof,
        public Guidance $guidance,
        public Card $card,
    ) {
    }

    /** @return array<string, Adjuster> those this variant has, with the sense found on the machine */
    public function adjustersOf(string $variant, Sense $idleSense): array
    {
        $here = $this->variantOr($variant);

        return array_map(
            static fn (Adjuster $a): Adjuster => $a->metering($idleSense),
            array_filter($this->adjusters, static fn (Adjuster $a): bool => $a->isIn($here)),
        );
    }

    /** @return array<string, Part> of the drawing of this variant */
    public function partsOf(string $variant): array
    {
        $here = $this->variantOr($variant);

        return array_filter(
            $this->drawing->parts,
            static fn (Part $p): bool => $p->onlyIn === [] || in_array($here, $p->onlyIn, true),
        );
    }

    /** @return array<string, string> names of a bank's carburetors, the top one first; none where it is one alone */
    public function bankOf(string $variant): array
    {
        return $this->variants[$this->variantOr($variant)]->carburetors;
    }

    /** How this variant comes apart; of an unknown one, as the first. */
    public function plan(string $variant): StripPlan
    {
        return $this->teardown->plans[$this->variantOr($variant)];
    }

    /** @return array<string, Inspection> those this variant has a part for */
    public function inspectionsOf(string $variant): array
    {
        $here = $this->variantOr($variant);
        $tray = array_keys($this->plan($variant)->parts);

        return array_filter($this->teardown->inspections, static fn (Inspection $i): bool => $i->isOf($here, $tray));
    }

    /** @return list<string> what becomes doubtful when a screw of this variant moves */
    public function upsetBy(string $adjuster, string $variant): array
    {
        $here = $this->variantOr($variant);
        $upset = [];
        foreach ($this->upsets->couplings as $coupling) {
            $upset
                = $coupling->moving === $adjuster && ($coupling->only === [] || in_array($here, $coupling->only, true))
                    ? [...$upset, ...$coupling->upsets]
                    : $upset;
        }

        return $upset;
    }

    public function minutesAt(Station $station): int
    {
        return $this->guidance->stationMinutes[$station->value] ?? $station->minutes();
    }

    /** A station's minutes shared among the pieces of its work. */
    public function minutesEach(Station $station, int $pieces): int
    {
        return max(1, intdiv($this->minutesAt($station), max(1, $pieces)));
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

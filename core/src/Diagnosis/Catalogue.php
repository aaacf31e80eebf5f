<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** Everything a diagnosis knows, checked: no name in it dangles. */
final class Catalogue
{
    /** @var array<string, array<string, Fault>> asked for once a family */
    private array $faultsHere = [];

    /** @var array<string, array<string, Finding>> */
    private array $findingsHere = [];

    /**
     * @param  array<string, CarburetorKind>  $families
     * @param  array<string, Access>  $access each after those it needs
     * @param  array<string, Finding>  $findings
     * @param  array<string, list<string>>  $findingFamilies
     * @param  array<string, Check>  $checks
     * @param  array<string, list<string>>  $checkFamilies
     * @param  array<string, Fault>  $faults
     * @param  array<string, list<string>>  $faultFamilies
     * @param  array<string, Flow>  $flows
     * @param  array<string, array{title: string, text: string}>  $cautions
     */
    public function __construct(
        public readonly array $families,
        public readonly array $access,
        public readonly array $findings,
        private readonly array $findingFamilies,
        public readonly array $checks,
        private readonly array $checkFamilies,
        public readonly array $faults,
        private readonly array $faultFamilies,
        public readonly array $flows,
        public readonly array $cautions,
        public readonly Costs $costs,
    ) {
    }

    /** The same knowledge at other costs. */
    public function costing(Costs $costs): self
    {
        return new self(
            $this->families,
            $this->access,
            $this->findings,
            $this->findingFamilies,
            $this->checks,
            $this->checkFamilies,
            $this->faults,
            $this->faultFamilies,
            $this->flows,
            $this->cautions,
            $costs,
        );
    }

    /**
     * What concerns one family: all that its jobs ask. What may be found is kept whole, since a log may name any of it.
     */
    public function of(CarburetorKind $family): self
    {
        return new self(
            [$family->id => $family],
            $this->access,
            $this->findings,
            $this->findingFamilies,
            array_intersect_key($this->checks, $this->checksOf($family)),
            $this->checkFamilies,
            array_intersect_key($this->faults, $this->faultsOf($family)),
            $this->faultFamilies,
            $this->flowsOf($family),
            $this->cautions,
            $this->costs,
        );
    }

    /** @throws UnusableCase If there is no such family. */
    public function family(string $id): CarburetorKind
    {
        return $this->families[$id] ?? throw UnusableCase::unknown('family', $id);
    }

    /** @return array<string, Fault> */
    public function faultsOf(CarburetorKind $family): array
    {
        return $this->faultsHere[$family->id] ??= array_map(
            static fn (Fault $f): Fault => $f->in($family),
            array_filter($this->faults, fn (Fault $f): bool => $family->isAmong($this->faultFamilies[$f->id])),
        );
    }

    /** @return array<string, Finding> those that apply and that some fault of the family can show, or that forbid something */
    public function findingsOf(CarburetorKind $family): array
    {
        if (isset($this->findingsHere[$family->id])) {
            return $this->findingsHere[$family->id];
        }
        $shown = [];
        foreach ($this->faultsOf($family) as $fault) {
            $shown += $fault->shows;
        }

        return $this->findingsHere[$family->id] = array_filter(
            $this->findings,
            fn (Finding $f): bool => (isset($shown[$f->id]) || $f->forbids !== [])
                && $family->isAmong($this->findingFamilies[$f->id]),
        );
    }

    /** @return array<string, Check> those that apply and answer something of the family */
    public function checksOf(CarburetorKind $family): array
    {
        $findings = $this->findingsOf($family);

        $here = array_filter(
            $this->checks,
            fn (Check $c): bool => $family->isAmong($this->checkFamilies[$c->id])
                && array_intersect_key(array_flip($c->answers), $findings) !== [],
        );

        return array_map(static fn (Check $c): Check => $c->in($family), $here);
    }

    /** @return array<string, Access> each after those it needs */
    public function accessOf(CarburetorKind $family): array
    {
        return array_map(static fn (Access $a): Access => $a->in($family), $this->access);
    }

    /** @return array<string, Flow> */
    public function flowsOf(CarburetorKind $family): array
    {
        return array_filter($this->flows, static fn (Flow $f): bool => $family->isAmong($f->families));
    }
}

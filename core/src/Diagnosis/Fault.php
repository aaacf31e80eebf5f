<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** One thing that can be wrong, in the carburetor or outside it. */
final readonly class Fault
{
    /**
     * @param  string  $place fuel, air, spark, engine, pump, inlet_valve, circuit, setting or body
     * @param  float  $chance that a machine of a family it applies to has it on arrival
     * @param  array<string, array<array-key, float>>  $rises factor on the odds, by fact and from which value on
     * @param  array<string, non-empty-list<float>>  $shows chance that this fault alone brings each level of a finding
     * @param  string|null  $flow a flow of the trade that cures it
     * @param  bool  $scrapsBody whether no kit cures it
     * @param  array<string, FaultHere>  $here what is otherwise, by family or trait; the later wins
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $place,
        public ?string $part,
        public float $chance,
        public array $rises,
        public array $shows,
        public Cure $cure,
        public ?string $flow,
        public bool $scrapsBody,
        public string $provenance,
        public array $here = [],
    ) {
    }

    /** The fault as it is in a family. */
    public function in(CarburetorKind $family): self
    {
        $fault = $this;
        foreach ($this->here as $where => $here) {
            if ($family->isAmong([$where])) {
                $fault = $fault->with($here);
            }
        }

        return $fault;
    }

    private function with(FaultHere $here): self
    {
        return new self(
            $this->id,
            $here->name ?? $this->name,
            $this->place,
            $this->part,
            $here->chance ?? $this->chance,
            $this->rises,
            [...$this->shows, ...$here->shows],
            $here->cure ?? $this->cure,
            $this->flow,
            $this->scrapsBody,
            $this->provenance,
        );
    }

    /** Prior odds of the fault under the facts of this case. */
    public function odds(Facts $facts): float
    {
        $odds = $this->chance / (1.0 - $this->chance);
        // Fuel is as old as the machine has stood: two views of one fact, of which the stronger counts.
        $ages = [1.0];
        foreach ($this->rises as $fact => $factors) {
            if ($fact === 'season') {
                $odds *= $facts->factor($fact, $factors);
            } else {
                $ages[] = $facts->factor($fact, $factors);
            }
        }

        return $odds * max($ages);
    }

    public function isOutsideTheCarburetor(): bool
    {
        return in_array($this->place, ['fuel', 'air', 'spark', 'engine'], true);
    }
}

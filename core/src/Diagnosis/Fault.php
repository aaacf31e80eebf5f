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
    ) {
    }

    /** Prior odds of the fault under the facts of this case. */
    public function odds(Facts $facts): float
    {
        $odds = $this->chance / (1.0 - $this->chance);
        foreach ($this->rises as $fact => $factors) {
            $odds *= $facts->factor($fact, $factors);
        }

        return $odds;
    }

    public function isOutsideTheCarburetor(): bool
    {
        return in_array($this->place, ['fuel', 'air', 'spark', 'engine'], true);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** The joints of a carburetor with their chances of leaking, what was tested, and what could be. */
final readonly class LeakCase
{
    /** Flows are compared at this pressure where nothing was measured: 5 psi. */
    private const USUAL_KILOPASCALS = 34.47;

    /**
     * @param  array<array-key, float>  $joints prior chance of leaking
     * @param  list<PressureTest>  $pressure in the order they were made
     * @param  list<SoapTest>  $soap
     * @param  list<FeasibleTest>  $feasible
     */
    public function __construct(
        public array $joints,
        public array $pressure = [],
        public array $soap = [],
        public array $feasible = [],
    ) {
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->joints));
    }

    /** The pressure flows are said at: of the first test that measured one. */
    public function kilopascals(): float
    {
        $measured = array_filter($this->pressure, static fn (PressureTest $t): bool => $t->flow !== null);
        $first = $measured[array_key_first($measured) ?? -1] ?? $this->pressure[0] ?? null;

        return $first->kilopascals ?? self::USUAL_KILOPASCALS;
    }

    /** @param  list<string>  $names of tests that are not to count */
    public function without(array $names): self
    {
        $counts = static fn (PressureTest $t): bool => ! in_array($t->name, $names, true);

        return new self($this->joints, array_values(array_filter($this->pressure, $counts)), $this->soap, $this->feasible);
    }
}

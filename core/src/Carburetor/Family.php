<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What every carburetor of one design has in common. */
final readonly class Family
{
    /**
     * @param  array<string, array{name: string, look: string, diagnosedAs: string}>  $variants each with the family a diagnosis takes it for
     * @param  array<string, Adjuster>  $adjusters
     * @param  array<string, Part>  $parts
     * @param  array<string, array<string, Step>>  $steps by station
     * @param  array<string, int>  $stationMinutes
     * @param  array<string, list<string>>  $stale touched thing => what becomes doubtful
     * @param  array<string, array{do: string, takes: string|null}>  $checks before hand-back
     * @param  array<string, Caution>  $cautions
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $variants,
        public array $adjusters,
        public array $parts,
        public array $steps,
        public array $stationMinutes,
        public array $stale,
        public array $checks,
        public array $cautions,
        public Card $card,
    ) {
    }

    /** @return array<string, Adjuster> those this variant has, with the sense found on the machine */
    public function adjustersOf(string $variant, Sense $idleSense): array
    {
        $present = array_filter($this->adjusters, static fn (Adjuster $a): bool => $a->onlyIn === null || $a->onlyIn === $variant);

        return array_map(static fn (Adjuster $a): Adjuster => $a->metering($idleSense), $present);
    }

    /** The family a diagnosis takes this variant for; of an unknown variant, the first. */
    public function diagnosedAs(string $variant): string
    {
        return ($this->variants[$variant] ?? array_values($this->variants)[0])['diagnosedAs'];
    }

    /** @return array<string, Step> */
    public function stepsAt(Station $station): array
    {
        return $this->steps[$station->value] ?? [];
    }

    public function minutesAt(Station $station): int
    {
        return $this->stationMinutes[$station->value] ?? $station->minutes();
    }
}

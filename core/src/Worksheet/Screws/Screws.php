<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Screws;

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** The screws of this carburetor: as found, as set, as left. */
final readonly class Screws implements Rechecked
{
    private const MINUTES_OF_A_MIXTURE = 6;

    private const MINUTES_OF_A_STOP = 2;

    /** @param  array<string, AdjusterState>  $all */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return (new self([]))->of($family, '', Sense::Fuel);
    }

    /** The screws of a variant; what is known of a screw that it has too is kept. */
    public function of(Family $family, string $variant, Sense $idleSense): self
    {
        $screws = [];
        foreach ($family->adjustersOf($variant, $idleSense) as $key => $adjuster) {
            $known = $this->all[$key] ?? null;
            $screws[$key] = $known === null ? AdjusterState::untouched($adjuster) : $known->as($adjuster);
        }

        return new self($screws);
    }

    /** Another carburetor: its screws stand nowhere yet. How the old ones were found is kept. */
    public function renewed(): self
    {
        return new self(array_map(static fn (AdjusterState $s): AdjusterState => $s->renewed(), $this->all));
    }

    /** @throws UnreadableEntry If there is no such screw here. */
    public function named(string $key): AdjusterState
    {
        return $this->all[$key] ?? throw UnreadableEntry::unknownName('screw', $key);
    }

    public function with(AdjusterState $state): self
    {
        return new self(array_replace($this->all, [$state->adjuster->key => $state]));
    }

    /** @return array<string, AdjusterState> those that meter */
    public function mixture(): array
    {
        return array_filter($this->all, static fn (AdjusterState $s): bool => $s->adjuster->isMixture);
    }

    /** @param  callable(AdjusterState): bool  $is */
    public function count(callable $is): int
    {
        return count(array_filter($this->all, $is));
    }

    public function taken(): array
    {
        $taken = [];
        foreach ($this->all as $state) {
            if ($state->left !== null) {
                $minutes = $state->adjuster->isMixture ? self::MINUTES_OF_A_MIXTURE : self::MINUTES_OF_A_STOP;
                $taken[$state->reading()] = new Reading(
                    "{$state->adjuster->name}, {$state->left}",
                    Station::Run,
                    $minutes,
                );
            }
        }

        return $taken;
    }
}

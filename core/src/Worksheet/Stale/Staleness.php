<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Stale;

use DateTimeImmutable;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Ledger;

/** Which readings no longer hold, and which of them someone chose to trust all the same. */
final readonly class Staleness implements Ledger
{
    /**
     * @param  array<string, StaleItem>  $items not overridden, by reading, in the order they went stale
     * @param  array<string, string>  $overrides reason and who, by reading
     */
    private function __construct(private array $items, public array $overrides)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([], []);
    }

    /**
     * A doubt falls on what was taken under that name, or under that name and a dot.
     *
     * @param  list<string>  $doubts such as `needle_hold`, `mixture` or `mixture.main`
     * @param  array<string, Reading>  $taken
     */
    public function doubting(array $doubts, string $because, DateTimeImmutable $since, array $taken): self
    {
        $items = $this->items;
        $overrides = $this->overrides;
        foreach ($doubts as $doubt) {
            foreach ($taken as $key => $reading) {
                if ($key === $doubt || str_starts_with($key, "{$doubt}.")) {
                    $items[$key] ??= StaleItem::of($key, $reading, $because, $since);
                    unset($overrides[$key]);
                }
            }
        }

        return new self($items, $overrides);
    }

    /** Measured or set again. */
    public function renewed(string $key): self
    {
        return new self(array_diff_key($this->items, [$key => 0]), array_diff_key($this->overrides, [$key => 0]));
    }

    public function overridden(string $key, string $reason): self
    {
        return new self(array_diff_key($this->items, [$key => 0]), array_replace($this->overrides, [$key => $reason]));
    }

    /** @return list<StaleItem> not overridden, in the order they went stale */
    public function items(): array
    {
        return array_values($this->items);
    }

    public function has(string $key): bool
    {
        return isset($this->items[$key]);
    }

    /** @return list<StaleItem> */
    public function at(Station $station): array
    {
        return array_values(array_filter($this->items, static fn (StaleItem $s): bool => $s->station === $station));
    }
}

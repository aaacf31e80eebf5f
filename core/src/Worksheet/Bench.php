<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Rechecked;
use DustyJet\Worksheet\Stale\Staleness;

/** Everything the acts of a log have left behind, ledger by ledger. Immutable: each act gives the next. */
final readonly class Bench
{
    /**
     * @param  array<class-string<Ledger>, Ledger>  $ledgers those that were written in
     * @param  array<string, DateTimeImmutable>  $touchedAt when something last happened, by station
     */
    private function __construct(public Family $family, private array $ledgers, private array $touchedAt)
    {
    }

    public static function empty(Family $family): self
    {
        return new self($family, [], []);
    }

    /**
     * @template L of Ledger
     *
     * @param  class-string<L>  $ledger
     *
     * @return L
     */
    public function of(string $ledger): Ledger
    {
        $kept = $this->ledgers[$ledger] ?? $ledger::atStart($this->family);
        \assert($kept instanceof $ledger);

        return $kept;
    }

    public function with(Ledger $ledger): self
    {
        return new self($this->family, [...$this->ledgers, $ledger::class => $ledger], $this->touchedAt);
    }

    public function touched(Station $station, DateTimeImmutable $at): self
    {
        return new self($this->family, $this->ledgers, [...$this->touchedAt, $station->value => $at]);
    }

    public function touchedAt(Station $station): ?DateTimeImmutable
    {
        return $this->touchedAt[$station->value] ?? null;
    }

    /** A thing of the family was touched: what rests on it goes stale. */
    public function disturbed(string $thing, string $where, DateTimeImmutable $at): self
    {
        $known = $this->family->upsets->touched[$thing] ?? null;

        return $known === null ? $this : $this->doubting($known->doubts, "{$known->because} at {$where}", $at);
    }

    /** @param  list<string>  $doubts */
    public function doubting(array $doubts, string $because, DateTimeImmutable $since): self
    {
        $taken = [];
        foreach ($this->ledgers as $ledger) {
            $taken = $ledger instanceof Rechecked ? [...$taken, ...$ledger->taken()] : $taken;
        }

        return $this->with($this->of(Staleness::class)->doubting($doubts, $because, $since, $taken));
    }

    /** A reading was taken again: it holds. */
    public function renewed(string $reading): self
    {
        return $this->with($this->of(Staleness::class)->renewed($reading));
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\Safety;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Intake\Intake;
use DustyJet\Worksheet\Intake\Ticket;

/** Everything a job sheet shows, computed from the bench log alone. */
final readonly class Worksheet
{
    public ?Intake $intake;

    public ?DateTimeImmutable $handedBackAt;

    /** @param  array<string, StationState>  $stations by name, in working order */
    public function __construct(
        public Family $family,
        public Log $log,
        public Bench $bench,
        public array $stations,
    ) {
        $this->intake = $bench->of(Ticket::class)->intake;
        $this->handedBackAt = $bench->of(Proofs::class)->handedBackAt;
    }

    /**
     * A pure function of its arguments: the same log always gives the same sheet.
     *
     * @throws \DustyJet\Rejected If an entry holds a value that cannot be.
     */
    public static function replay(Family $family, Log $log): self
    {
        return Replay::of($family, $log);
    }

    /**
     * The sheet after one entry more: the same as a replay of the longer log.
     *
     * @throws \DustyJet\Rejected If the entry holds a value that cannot be.
     */
    public function with(Entry $entry): self
    {
        return Replay::onwards($this, $entry);
    }

    /**
     * What the log left in one ledger.
     *
     * @template L of Ledger
     *
     * @param  class-string<L>  $ledger
     *
     * @return L
     */
    public function of(string $ledger): Ledger
    {
        return $this->bench->of($ledger);
    }

    /** The variant the intake names, or the first of the family. */
    public function variant(): string
    {
        return $this->family->variantOr($this->intake->variant ?? '');
    }

    /** The station the work has reached: the first with something left to do. */
    public function station(): Station
    {
        foreach (Station::cases() as $station) {
            if (! $this->stations[$station->value]->isDone()) {
                return $station;
            }
        }

        return Station::HandBack;
    }

    /**
     * @param  Diagnosis|null  $diagnosis of this sheet, where a complaint is named
     * @param  Safety|null  $safety of this sheet; without it nothing is held back
     *
     * @return list<Move> the best move first; none once handed back
     */
    public function moves(?Diagnosis $diagnosis = null, ?Safety $safety = null): array
    {
        return NextMoves::from($this, $diagnosis, $safety);
    }

    /** @return list<string> what stands between this job and its customer */
    public function gates(): array
    {
        return Gates::of($this);
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Diagnosis;

/** Everything a job sheet shows, computed from the bench log alone. */
final readonly class Worksheet
{
    /**
     * @param  array<string, AdjusterState>  $adjusters
     * @param  list<HoldRecord>  $holds oldest first
     * @param  list<StaleItem>  $stale not yet overridden
     * @param  array<string, string>  $overrides item => reason and who
     * @param  array<string, CheckState>  $checks
     * @param  array<string, StationState>  $stations
     * @param  list<Told>  $told what was answered to findings, oldest first, one for each finding
     * @param  list<string>  $checksDone
     * @param  list<string>  $repaired faults
     * @param  array<string, array<string, array{counted: int, worked: bool}>>  $flowSteps by flow and step
     * @param  array<string, PhotoRecord>  $photos oldest first
     */
    public function __construct(
        public Family $family,
        public Log $log,
        public ?Intake $intake,
        public array $adjusters,
        public Rebuild $rebuild,
        public array $holds,
        public array $stale,
        public array $overrides,
        public array $checks,
        public ?DateTimeImmutable $handedBackAt,
        public ?string $advice,
        public array $stations,
        public array $told,
        public array $checksDone,
        public array $repaired,
        public array $flowSteps,
        public array $photos,
    ) {
    }

    /** A pure function of its arguments: the same log always gives the same sheet. */
    public static function replay(Family $family, Log $log): self
    {
        return Replay::of($family, $log);
    }

    public function latestHold(): ?HoldRecord
    {
        return $this->holds[count($this->holds) - 1] ?? null;
    }

    public function isStale(string $key): bool
    {
        foreach ($this->stale as $item) {
            if ($item->key === $key) {
                return true;
            }
        }

        return false;
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
     *
     * @return list<Move> the best move first; none once handed back
     */
    public function moves(?Diagnosis $diagnosis = null): array
    {
        return NextMoves::from($this, $diagnosis);
    }

    /** @return list<string> what stands between this job and its customer */
    public function gates(): array
    {
        return Gates::of($this);
    }
}

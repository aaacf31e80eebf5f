<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;

/** Everything a job sheet shows, computed from the bench log alone. */
final readonly class Worksheet
{
    /**
     * @param  array<string, AdjusterState>  $adjusters
     * @param  array<string, DateTimeImmutable>  $stepsDone by station.step
     * @param  list<HoldRecord>  $holds oldest first
     * @param  list<StaleItem>  $stale not yet overridden
     * @param  array<string, string>  $overrides item => reason and who
     * @param  array<string, CheckState>  $checks
     * @param  array<string, StationState>  $stations
     */
    public function __construct(
        public Family $family,
        public Log $log,
        public ?Intake $intake,
        public array $adjusters,
        public array $stepsDone,
        public array $holds,
        public array $stale,
        public array $overrides,
        public array $checks,
        public ?DateTimeImmutable $handedBackAt,
        public ?string $advice,
        public array $stations,
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

    public function isStepDone(Station $station, string $step): bool
    {
        return isset($this->stepsDone[$station->value.'.'.$step]);
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

    /** @return non-empty-list<Move>|array{} the best move first; none once handed back */
    public function moves(): array
    {
        return NextMoves::from($this);
    }

    /** @return list<string> what stands between this job and its customer */
    public function gates(): array
    {
        return Gates::of($this);
    }
}

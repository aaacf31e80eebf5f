<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Clocks;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The clocks that were started on this job. */
final readonly class Clocks implements Ledger
{
    /** Clocks of what is out of reach while they run. */
    private const HOLD = ['soak', 'bath', 'dry', 'varnish'];

    /** Clocks of a cleaner that loosens what then lies in a passage. */
    private const LOOSEN = ['soak', 'bath'];

    /** @param  array<string, ClockRecord>  $all by the entry that started them */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(ClockRecord $clock): self
    {
        return new self(array_replace($this->all, [$clock->entryId => $clock]));
    }

    /** @return list<ClockRecord> still running or due, soonest first */
    public function running(): array
    {
        $running = array_values(array_filter($this->all, static fn (ClockRecord $c): bool => $c->endedAt === null));
        usort($running, static fn (ClockRecord $a, ClockRecord $b): int => $a->dueAt() <=> $b->dueAt());

        return $running;
    }

    /** What lies in a bath, dries or sets: it cannot be fitted before its clock is ended. */
    public function holding(): ?ClockRecord
    {
        foreach ($this->running() as $clock) {
            if (in_array($clock->clock, self::HOLD, true)) {
                return $clock;
            }
        }

        return null;
    }

    public static function loosens(string $clock): bool
    {
        return in_array($clock, self::LOOSEN, true);
    }

    public function next(): ?ClockRecord
    {
        return $this->running()[0] ?? null;
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DateTimeImmutable;
use DustyJet\Carburetor\Family;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\Worksheet\Ledger;

/** The carburetor as it lies on the bench: what is on the tray, and what is back on. */
final readonly class Parts implements Ledger
{
    /**
     * @param  DateTimeImmutable|null  $endedAt when someone said that this is as far as it comes apart
     * @param  array<string, int>  $placedSeq entry that put a part on, by part
     */
    private function __construct(
        public Build $build,
        public ?DateTimeImmutable $endedAt,
        public array $placedSeq,
    ) {
    }

    public static function atStart(Family $family): self
    {
        return new self(Build::from(Tray::empty($family->plan(''))), null, []);
    }

    /** Another variant: another tray, and nothing on it. */
    public function laidOut(StripPlan $plan): self
    {
        return new self(Build::from(Tray::empty($plan)), $this->endedAt, $this->placedSeq);
    }

    public function with(Build $build): self
    {
        return new self($build, $this->endedAt, $this->placedSeq);
    }

    public function placedBy(int $seq, string ...$parts): self
    {
        return new self($this->build, $this->endedAt, array_replace($this->placedSeq, array_fill_keys($parts, $seq)));
    }

    public function ended(DateTimeImmutable $at): self
    {
        return new self($this->build, $at, $this->placedSeq);
    }

    public function isStripped(): bool
    {
        return $this->endedAt !== null || $this->build->tray->unaccounted() === [];
    }

    public function isBegun(): bool
    {
        return $this->build->tray->off() !== [];
    }

    /** Whether everything that came off is back or accounted for; a carburetor never opened is whole. */
    public function isWhole(): bool
    {
        return $this->isStripped() && $this->build->isDone();
    }

    /** Whether a screw came out, so that it can no longer be counted as found. */
    public function wasOut(string $adjuster): bool
    {
        $off = $this->build->tray->off();
        foreach ($this->build->tray->plan->parts as $part) {
            if (in_array($adjuster, $part->frees->adjusters, true) && in_array($part->key, $off, true)) {
                return true;
            }
        }

        return false;
    }
}

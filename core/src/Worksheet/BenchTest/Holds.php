<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** The hold tests, oldest first. */
final readonly class Holds implements Rechecked
{
    /** The name a disturbance doubts the hold test under. */
    public const READING = 'needle_hold';

    private const MINUTES = 3;

    /** @param  list<HoldRecord>  $all */
    private function __construct(private string $name, public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self($family->proof->hold->name ?? 'Hold test', []);
    }

    public function with(HoldRecord $hold): self
    {
        return new self($this->name, [...$this->all, $hold]);
    }

    public function latest(): ?HoldRecord
    {
        return $this->all[count($this->all) - 1] ?? null;
    }

    public function isPassed(): bool
    {
        return $this->latest()?->outcome->verdict === Verdict::Holds;
    }

    public function taken(): array
    {
        return $this->all === []
            ? []
            : [self::READING => new Reading($this->name, Station::BenchTest, self::MINUTES)];
    }
}

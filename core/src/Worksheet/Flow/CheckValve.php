<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** The check valve of the main nozzle, tried both ways in the body and out of it, oldest first. */
final readonly class CheckValve implements Rechecked
{
    /** The name a disturbance doubts it under, and the test of a family that has one. */
    public const READING = 'check_valve';

    /** @param  list<ValveTrial>  $trials */
    private function __construct(public array $trials)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(ValveTrial $trial): self
    {
        return new self([...$this->trials, $trial]);
    }

    public function latest(): ?ValveTrial
    {
        return $this->trials[count($this->trials) - 1] ?? null;
    }

    /** Null before it was tried. */
    public function verdict(): ?ValveVerdict
    {
        $last = $this->latest();

        return match (true) {
            $last === null => null,
            ! $last->holdsVacuum => $last->isInBody ? ValveVerdict::TakeOut : ValveVerdict::Bad,
            ! $last->passesPressure => ValveVerdict::Blocked,
            $last->isInBody => ValveVerdict::Good,
            default => ValveVerdict::PressFit,
        };
    }

    public function taken(): array
    {
        return $this->trials === [] ? [] : [self::READING => new Reading('Check valve', Station::BenchTest, 3)];
    }
}

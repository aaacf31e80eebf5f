<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** What was answered, looked at, cured and tried on the way to a cause. */
final readonly class Findings implements Ledger
{
    /**
     * @param  array<string, Told>  $told the last word on each finding, in the order the last words were said
     * @param  array<string, true>  $checks done
     * @param  array<string, true>  $repaired faults
     * @param  array<string, array<string, array{counted: int, worked: bool}>>  $steps of procedures, by flow and step
     */
    private function __construct(
        public array $told,
        public array $checks,
        public array $repaired,
        public array $steps,
    ) {
    }

    public static function atStart(Family $family): self
    {
        return new self([], [], [], []);
    }

    /** The last word counts, and stands where it was said last. */
    public function telling(Told $told): self
    {
        $all = $this->told;
        unset($all[$told->finding]);
        $all[$told->finding] = $told;

        return new self($all, $this->checks, $this->repaired, $this->steps);
    }

    public function looked(string $check): self
    {
        return new self($this->told, array_replace($this->checks, [$check => true]), $this->repaired, $this->steps);
    }

    public function cured(string $fault): self
    {
        return new self($this->told, $this->checks, array_replace($this->repaired, [$fault => true]), $this->steps);
    }

    public function stepped(string $flow, string $step, bool $worked): self
    {
        $before = $this->steps[$flow][$step] ?? ['counted' => 0, 'worked' => false];
        $steps = $this->steps;
        $steps[$flow][$step] = ['counted' => $before['counted'] + 1, 'worked' => $before['worked'] || $worked];

        return new self($this->told, $this->checks, $this->repaired, $steps);
    }
}

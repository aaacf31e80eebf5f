<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Metering\SpringCut;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Rejected;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** What was measured of the metering side: pop-off trials, the spring, the lever. */
final readonly class Metering implements Rechecked
{
    /** The names a disturbance doubts them under; a bench test of the family is called the same. */
    public const POP_OFF = 'pop_off';

    public const LEVER = 'lever_height';

    /** @param  list<PopTrial>  $trials oldest first */
    private function __construct(
        public array $trials,
        public ?SpringMeasures $spring,
        public float $coilsOff,
        public ?LeverReading $lever,
    ) {
    }

    public static function atStart(Family $family): self
    {
        return new self([], null, 0.0, null);
    }

    public function tried(PopTrial $trial): self
    {
        return new self([...$this->trials, $trial], $this->spring, $this->coilsOff, $this->lever);
    }

    /** Measured as it is now: what was cut off before is part of it. */
    public function sprung(SpringMeasures $spring): self
    {
        return new self($this->trials, $spring, 0.0, $this->lever);
    }

    public function cut(float $coils): self
    {
        return new self($this->trials, $this->spring, $this->coilsOff + $coils, $this->lever);
    }

    public function levelled(LeverReading $lever): self
    {
        return new self($this->trials, $this->spring, $this->coilsOff, $lever);
    }

    public function latest(): ?PopTrial
    {
        return $this->trials[count($this->trials) - 1] ?? null;
    }

    /** Why no spring may be cut now; null where it may. Oil on a dry needle alone may move it by a psi. */
    public function forbidsCut(): ?string
    {
        $latest = $this->latest();

        return match (true) {
            $latest === null => 'Nothing was popped yet: measure before anything is cut.',
            ! $latest->isWet => 'The last pops were dry: a drop of oil on the needle, and again, before anything is cut.',
            ! $latest->series->isEnough() => 'Fewer than three pops: one is luck, two are a guess.',
            $latest->coilsOff !== $this->coilsOff => 'It was cut since the last pops: pop it again first.',
            default => null,
        };
    }

    /** How far to cut for a pop-off; null where the spring was not measured or nothing popped. */
    public function toward(GaugePressure $target): ?SpringCut
    {
        $pop = $this->latest()?->series->meanPop();
        if ($this->spring === null || $pop === null || $this->coilsOff > 0.0) {
            return null;
        }
        try {
            return SpringCut::toward($this->spring->spring(), $pop, $target);
        } catch (Rejected) {
            // From a file from elsewhere: no such spring.
            return null;
        }
    }

    /**
     * What the needle opens at after coils are cut from the tip, reckoned from the last wet pops of the spring uncut; null
     * where it was not measured or not popped so. p after / p before = force after / force before (Shigley).
     */
    public function popsAfter(float $coils): ?GaugePressure
    {
        $uncut = array_filter($this->trials, static fn (PopTrial $t): bool => $t->isWet && $t->coilsOff === 0.0);
        $pop = ($uncut[array_key_last($uncut) ?? -1] ?? null)?->series->meanPop();
        if ($this->spring === null || $pop === null) {
            return null;
        }
        try {
            $spring = $this->spring->spring();
        } catch (Rejected) {
            return null;
        }

        return $spring->isSolidAsInstalled() || $spring->preloadAfter(0.0) <= 0.0
            ? null
            : GaugePressure::ofKilopascals($pop->inKilopascals() * $spring->forceAfter($coils));
    }

    public function taken(): array
    {
        $popped = [self::POP_OFF => new Reading('Pop-off', Station::BenchTest, 5)];
        $lever = [self::LEVER => new Reading('Lever height', Station::BenchTest, 3)];

        return [...$this->trials === [] ? [] : $popped, ...$this->lever === null ? [] : $lever];
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * The readings of one screw, by where it stood.
 *
 * @internal
 */
final readonly class RunReadings
{
    private const SAME_TURNS = 1.0 / 48.0 + 1e-9;

    /** @var non-empty-list<float> every setting tried, in turns, fewest first */
    public array $settings;

    /** @param  non-empty-list<MixtureReading>  $all in the order taken */
    public function __construct(public array $all, private MixtureScrew $screw)
    {
        $turns = array_values(
            array_unique(array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), $all)),
        );
        sort($turns);
        $this->settings = $turns;
    }

    public function last(): MixtureReading
    {
        return $this->all[count($this->all) - 1];
    }

    /** Turns, of all settings. */
    public function fewest(): float
    {
        return min($this->settings);
    }

    public function most(): float
    {
        return max($this->settings);
    }

    /** @param  int  $side -1 leanest, 1 richest */
    public function farthest(int $side): float
    {
        return $side * $this->screw->rich() < 0 ? $this->fewest() : $this->most();
    }

    /** The fastest of those richer than any that ran over the maximum; the richest of equals, null where there is none. */
    public function fastest(): ?MixtureReading
    {
        $over = $this->richestOver();
        $fastest = null;
        foreach ($this->all as $reading) {
            $isWithin = $over === null || $this->compare($reading, $over) > 0;
            if ($isWithin && $reading->speed !== null && ($fastest === null || $this->isBetter($reading, $fastest))) {
                $fastest = $reading;
            }
        }

        return $fastest;
    }

    private function isBetter(MixtureReading $reading, MixtureReading $fastest): bool
    {
        return $reading->rpm() > $fastest->rpm()
            || ($reading->rpm() === $fastest->rpm() && $this->compare($reading, $fastest) > 0);
    }

    /** The richest that ran above the maximum. */
    public function richestOver(): ?MixtureReading
    {
        $richest = null;
        foreach ($this->all as $reading) {
            if ($this->screw->isOver($reading->rpm()) && ($richest === null || $this->compare($reading, $richest) > 0)) {
                $richest = $reading;
            }
        }

        return $richest;
    }

    /** How many settings ran at all. */
    public function running(): int
    {
        $turns = [];
        foreach ($this->all as $reading) {
            $turns[] = $reading->hasDied() ? -1 : $reading->turns->inUnits();
        }

        return count(array_diff(array_unique($turns), [-1]));
    }

    public function isHeard(Mark $mark): bool
    {
        foreach ($this->all as $reading) {
            if ($reading->isHeard($mark)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where it died nearest to a setting, on either side: nothing is to be tried there or beyond.
     *
     * @return array{0: float, 1: float} turns; 0 and infinity where it did not
     */
    public function deadAround(float $turns): array
    {
        [$below, $above] = [0.0, INF];
        foreach ($this->all as $reading) {
            $at = $reading->turns->inTurns();
            if ($reading->hasDied()) {
                [$below, $above] = $at < $turns ? [max($below, $at), $above] : [$below, min($above, $at)];
            }
        }

        return [$below, $above];
    }

    /** The setting, or halfway to it from the fastest where it lies at or beyond one where the engine died. */
    public function shortOfDead(float $turns): float
    {
        $best = $this->ran();
        if ($best === null) {
            return $turns;
        }
        [$below, $above] = $this->deadAround($best);
        $dead = $turns <= $below ? $below : ($turns >= $above ? $above : null);

        return $dead === null ? $turns : $this->screw->onStep(0.5 * ($best + $dead));
    }

    /** Where it ran, in turns: fastest, or last where it was only listened to; null where it never ran. */
    public function ran(): ?float
    {
        $running = array_values(array_filter($this->all, static fn (MixtureReading $r): bool => ! $r->hasDied()));
        $fastest = $this->fastest() ?? $running[count($running) - 1] ?? null;

        return $fastest?->turns->inTurns();
    }

    /** Whether more of it was listened to than read off a tachometer. */
    public function isByEar(): bool
    {
        $byEar = array_filter($this->all, static fn (MixtureReading $r): bool => $r->isByEar());

        return count($byEar) > count(array_filter($this->all, static fn (MixtureReading $r): bool => $r->speed !== null));
    }

    /** Where it was heard at its leanest, turns; null where it was not. */
    public function leanest(Mark $mark): ?float
    {
        $leanest = null;
        foreach ($this->all as $reading) {
            $turns = $reading->turns->inTurns();
            $isLeaner = $leanest === null || $this->screw->compare($turns, $leanest) < 0;
            $leanest = $reading->isHeard($mark) && $isLeaner ? $turns : $leanest;
        }

        return $leanest;
    }

    public function near(float $turns, float $within): int
    {
        return count(array_filter($this->settings, static fn (float $t): bool => abs($t - $turns) <= $within));
    }

    /** Whether it was heard to flutter where this was read, more often than it was heard clean. */
    public function flutters(MixtureReading $there): bool
    {
        $flutters = 0;
        foreach ($this->all as $reading) {
            $isThere = abs($reading->turns->inTurns() - $there->turns->inTurns()) <= self::SAME_TURNS;
            $flutters += match (true) {
                ! $isThere => 0,
                $reading->isHeard(Mark::Flutter) => 1,
                default => $reading->isHeard(Mark::Clean) ? -1 : 0,
            };
        }

        return $flutters > 0;
    }

    /** Share of its speed that a reading gained on the nearest richer one, for a quarter turn; null where there is none. */
    public function gainPerQuarter(MixtureReading $fastest): ?float
    {
        $nearest = null;
        foreach ($this->all as $reading) {
            $isRicher = $reading->speed !== null && $this->compare($reading, $fastest) > 0;
            $isNearer = $nearest === null || $this->compare($reading, $nearest) < 0;
            $nearest = $isRicher && $isNearer ? $reading : $nearest;
        }
        if ($nearest === null) {
            return null;
        }
        $quarters = abs($nearest->turns->inTurns() - $fastest->turns->inTurns()) / 0.25;

        return ($fastest->rpm() - $nearest->rpm()) / $fastest->rpm() / $quarters;
    }

    /** How often it was read there. */
    public function times(float $turns): int
    {
        return count(array_filter(
            $this->all,
            static fn (MixtureReading $r): bool => abs($r->turns->inTurns() - $turns) <= self::SAME_TURNS,
        ));
    }

    public function isTried(float $turns): bool
    {
        return $this->near($turns, self::SAME_TURNS) > 0;
    }

    private function compare(MixtureReading $a, MixtureReading $b): int
    {
        return $this->screw->compare($a->turns->inTurns(), $b->turns->inTurns());
    }
}

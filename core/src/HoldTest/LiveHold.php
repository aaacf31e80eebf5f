<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\PressureUnit;

/**
 * A hold test while it is watched: when it was pumped up, when the hold began, and whether enough was seen.
 *
 * The hold begins when the pressure has stopped rising. It ends by itself once the verdict is clear twice running, or
 * once nothing is left of what was pumped up.
 */
final readonly class LiveHold
{
    /** Less is not pumped up. */
    private const LEAST_PSI = 1.0;

    /** A rise of this, over the least since the last, is a stroke of the pump. From memory. */
    private const STROKE_PSI = 0.3;

    /** And of this it goes on rising. From memory. */
    private const RISE_PSI = 0.05;

    /** So long after the last stroke it holds. */
    private const STILL_SECONDS = 2.0;

    /** Readings that are smoothed by their median, so that noise is no stroke. */
    private const SMOOTHED = 5;

    /** A fall to this share of the start is the end, whatever it was. */
    private const GONE = 0.12;

    /** No verdict before these seconds of holding, and none that ends it before those. Common practice: 20 s and a look. */
    private const FIRST_VERDICT_SECONDS = 6.0;

    private const FEWEST_READINGS = 8;

    private const SHORTEST_SECONDS = 20.0;

    /** A leak is watched longer, down to half of the start: it may hold below. */
    private const LEAK_SECONDS = 45.0;

    private const HALF = 0.5;

    private const LONGEST_SECONDS = 1800.0;

    /**
     * @param  float|null  $from seconds when the hold began: the last that was pumped
     * @param  float  $left share of what was pumped up
     */
    private function __construct(
        public LivePhase $phase,
        public ?float $from,
        public float $heldSeconds,
        private int $readings,
        private float $left,
    ) {
    }

    /**
     * @param  list<float>  $seconds rising; the latest are enough where it is known when the hold began
     * @param  list<float>  $kilopascals magnitudes
     * @param  float|null  $from seconds when the hold began, as far as was known before
     */
    public static function of(array $seconds, array $kilopascals, ?float $from = null): self
    {
        $n = count($seconds);
        if ($n === 0) {
            return new self(LivePhase::Waiting, null, 0.0, 0, 0.0);
        }
        $perPsi = PressureUnit::Psi->kilopascals();
        $last = null;
        $low = $high = INF;
        foreach (array_keys($seconds) as $i) {
            $now = self::smoothed($kilopascals, $i);
            if ($now > $low + self::STROKE_PSI * $perPsi) {
                [$last, $low, $high] = [$i, $now, $now];
            }
            $low = min($low, $now);
            // A stroke goes on; once it was still for a while only another stroke is one.
            $isStill = $last === null || $seconds[$i] - $seconds[$last] >= self::STILL_SECONDS;
            if (! $isStill && $now > $high + self::RISE_PSI * $perPsi) {
                [$last, $low, $high] = [$i, $now, $now];
            }
        }
        // No stroke among these readings: what was known before stands.
        $from = $last === null ? $from : $seconds[$last];
        $peak = $last === null ? max([0.0, ...$kilopascals]) : $high;
        $held = $from === null ? 0.0 : $seconds[$n - 1] - $from;
        $now = self::smoothed($kilopascals, $n - 1);
        $phase = self::phase($from === null ? null : [$held, $peak], $now, $perPsi);
        $since = count(array_filter($seconds, static fn (float $t): bool => $t >= ($from ?? INF)));

        return new self($phase, $from, $held, $since, $peak > 0.0 ? $now / $peak : 0.0);
    }

    /** @param  array{0: float, 1: float}|null  $peak seconds since the last stroke, and what it reached */
    private static function phase(?array $peak, float $now, float $perPsi): LivePhase
    {
        return match (true) {
            $peak === null => LivePhase::Waiting,
            $now < self::GONE * $peak[1] => LivePhase::LetGo,
            $peak[0] < self::STILL_SECONDS => LivePhase::Pumping,
            $peak[1] < self::LEAST_PSI * $perPsi => LivePhase::Waiting,
            default => LivePhase::Holding,
        };
    }

    /** @param  list<float>  $kilopascals */
    private static function smoothed(array $kilopascals, int $i): float
    {
        $few = array_slice($kilopascals, max(0, $i - self::SMOOTHED + 1), min($i + 1, self::SMOOTHED));
        sort($few);

        return $few[intdiv(count($few), 2)] ?? 0.0;
    }

    /** Whether enough was seen for a verdict. */
    public function mayBeJudged(): bool
    {
        return $this->from !== null
            && $this->phase !== LivePhase::Waiting
            && $this->phase !== LivePhase::Pumping
            && $this->heldSeconds >= self::FIRST_VERDICT_SECONDS
            && $this->readings >= self::FEWEST_READINGS;
    }

    /** How much longer it is to be watched where the verdict stays as it is; null where the readings have to say. */
    public function secondsLeft(Verdict $verdict): ?float
    {
        $until = match ($verdict) {
            Verdict::Leaks => self::LEAK_SECONDS,
            Verdict::Holds, Verdict::HoldsBelow => self::SHORTEST_SECONDS,
            Verdict::KeepWatching => null,
        };

        return $until === null ? null : max(0.0, $until - $this->heldSeconds);
    }

    /** Whether it is over with this verdict, and the one before it. */
    public function isOver(?Verdict $verdict, ?Verdict $before): bool
    {
        $isClear = $verdict !== null && $verdict !== Verdict::KeepWatching && $verdict === $before;

        return match (true) {
            $verdict === null => false,
            $this->phase === LivePhase::LetGo, $this->heldSeconds >= self::LONGEST_SECONDS => true,
            $this->phase !== LivePhase::Holding => false,
            $verdict === Verdict::Leaks && $this->left > self::HALF => $isClear && $this->heldSeconds >= self::LEAK_SECONDS,
            default => $isClear && $this->heldSeconds >= self::SHORTEST_SECONDS,
        };
    }
}

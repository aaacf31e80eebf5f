<?php

declare(strict_types=1);

namespace Bench\Mixture;

use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\School;

/**
 * What a hand does without arithmetic: quarter turns until it is past the best, then the best that was read; both edges and
 * their middle; from the flutter in until it runs clean, then out by an eighth.
 */
final readonly class QuarterTurns
{
    private const QUARTER = 0.25;

    private const EIGHTH = 0.125;

    private const EDGE = 0.95;

    /**
     * @param  non-empty-list<MixtureReading>  $readings
     *
     * @return array{answer: float|null, low: float|null, high: float|null, next: float|null}
     */
    public static function search(array $readings, School $school): array
    {
        $all = [];
        foreach ($readings as $reading) {
            $all[] = [$reading->turns->inTurns(), $reading->rpm()];
        }
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if ($school === School::Flutter) {
            return self::flutter($readings);
        }
        $best = $all[0];
        foreach ($all as $at) {
            $best = $at[1] > $best[1] ? $at : $best;
        }
        $level = $school === School::Peak ? $best[1] - 1e-9 : self::EDGE * $best[1];
        $first = $all[0];
        $last = $all[count($all) - 1];
        if ($last[1] >= $level && $last[0] < OneScrew::TRAVEL_TURNS) {
            return self::said(null, $last[0] + self::QUARTER);
        }
        if ($first[1] >= $level && $first[0] > self::QUARTER) {
            return self::said(null, $first[0] - self::QUARTER);
        }
        $within = [$best[0], ...array_column(array_filter($all, static fn (array $at): bool => $at[1] >= $level), 0)];

        return self::said($school === School::Peak ? $best[0] : 0.5 * (min($within) + max($within)), null);
    }

    /**
     * @param  non-empty-list<MixtureReading>  $readings
     *
     * @return array{answer: float|null, low: float|null, high: float|null, next: float|null}
     */
    private static function flutter(array $readings): array
    {
        $last = $readings[count($readings) - 1];
        $at = $last->turns->inTurns();
        $isHeard = array_filter($readings, static fn (MixtureReading $r): bool => $r->isHeard(Mark::Flutter)) !== [];

        return match (true) {
            $last->isHeard(Mark::Flutter) => self::said(null, max(self::EIGHTH, $at - self::QUARTER)),
            $isHeard => self::said($at + self::EIGHTH, null),
            default => self::said(null, $at + self::QUARTER),
        };
    }

    /** @return array{answer: float|null, low: float|null, high: float|null, next: float|null} */
    private static function said(?float $answer, ?float $next): array
    {
        return ['answer' => $answer, 'low' => null, 'high' => null, 'next' => $next];
    }
}

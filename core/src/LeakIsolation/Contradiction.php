<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/**
 * Two tests that cannot both be right: one boundary lies inside the other and leaks more than it, by over four standard
 * deviations; where a flow was not measured, one that leaks inside one that holds.
 */
final readonly class Contradiction
{
    private const MOST_SIGMA = 4.0;

    /** @return array{0: string, 1: string}|null the pair that disagrees most, by name, in the order they were made */
    public static function in(LeakCase $case): ?array
    {
        $worst = 0.0;
        $pair = null;
        foreach ($case->pressure as $i => $first) {
            foreach (array_slice($case->pressure, $i + 1) as $second) {
                $by = max(
                    self::disagreement($first, $second, $case->kilopascals()),
                    self::disagreement($second, $first, $case->kilopascals()),
                );
                if ($by > max($worst, self::MOST_SIGMA)) {
                    [$worst, $pair] = [$by, [$first->name, $second->name]];
                }
            }
        }

        return $pair;
    }

    /** By how many standard deviations the inner boundary leaks more than the outer. */
    private static function disagreement(PressureTest $inner, PressureTest $outer, float $kilopascals): float
    {
        if (array_diff($inner->joints, $outer->joints) !== []) {
            return 0.0;
        }
        [$in, $out] = [$inner->at($kilopascals), $outer->at($kilopascals)];
        if ($in !== null && $out !== null) {
            return ($in['flow'] - $out['flow']) / hypot($in['sigma'], $out['sigma']);
        }

        return $inner->outcome === Outcome::Leaks && $outer->outcome === Outcome::Holds ? 2.0 * self::MOST_SIGMA : 0.0;
    }
}

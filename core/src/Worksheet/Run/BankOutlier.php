<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\Worksheet\Screws\Screws;

/**
 * A carburetor of a bank that wants far more fuel than its neighbors: a dirty idle jet to be cleaned, not a setting.
 * Common practice; the lowest is the first suspect, for dirt drains down.
 */
final readonly class BankOutlier
{
    private const MORE_TURNS = 1.0;

    /** @param  array<string, string>  $bank names by carburetor, the top one first */
    public static function among(Screws $screws, array $bank): ?string
    {
        $turns = [];
        foreach (array_keys($bank) as $key) {
            $state = $screws->all[$key] ?? null;
            $at = $state->left ?? $state->found ?? null;
            if ($at !== null) {
                $turns[$key] = $at->inTurns();
            }
        }
        $sorted = array_values($turns);
        sort($sorted);
        $median = $sorted[intdiv(count($sorted) - 1, 2)] ?? 0.0;
        foreach (array_reverse($turns, true) as $key => $at) {
            if (count($turns) > 1 && $at - $median > self::MORE_TURNS) {
                return "{$bank[$key]} wants more than a turn over the others: its idle jet is dirty. Clean it, do not make up for it.";
            }
        }

        return null;
    }
}

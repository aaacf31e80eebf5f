<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\Condition;
use DustyJet\Diagnosis\Answer;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;

/**
 * What the stations found, as answers to findings.
 *
 * @internal
 */
final readonly class Measured
{
    /** A screw this far past its base is dirt, not adjustment. Common practice. */
    private const FAR_OUT_TURNS = 2.0;

    /** @return list<array{0: string, 1: Answer}> */
    public static function on(Worksheet $sheet): array
    {
        return [...self::held($sheet), ...self::lookedAt($sheet), ...self::counted($sheet)];
    }

    /**
     * A dry needle that leaks proves nothing; one that holds dry holds.
     *
     * @return list<array{0: string, 1: Answer}>
     */
    private static function held(Worksheet $sheet): array
    {
        $hold = $sheet->of(Holds::class)->latest();
        $isTrusted = $hold !== null && ! $sheet->of(Staleness::class)->has(Holds::READING);
        if (! $isTrusted || $hold->outcome->verdict === Verdict::KeepWatching) {
            return [];
        }

        return match (true) {
            $hold->outcome->verdict === Verdict::Holds => [['needle_leaks', Answer::No]],
            $hold->setup->wetted => [['needle_leaks', Answer::Yes]],
            default => [],
        };
    }

    /** @return list<array{0: string, 1: Answer}> */
    private static function lookedAt(Worksheet $sheet): array
    {
        $found = [];
        foreach ($sheet->of(Inspected::class)->records as $key => $record) {
            foreach ($sheet->family->teardown->inspections[$key]->effects->fails as $finding) {
                $found[] = [$finding, $record->condition === Condition::Sound ? Answer::No : Answer::Yes];
            }
        }

        return $found;
    }

    /** @return list<array{0: string, 1: Answer}> */
    private static function counted(Worksheet $sheet): array
    {
        $isFar = static fn (AdjusterState $s): bool => ($s->found?->inTurns() ?? 0.0)
            >= $s->adjuster->book->turns->inTurns() + self::FAR_OUT_TURNS;
        $counted = array_filter(
            $sheet->of(Screws::class)->mixture(),
            static fn (AdjusterState $s): bool => $s->found !== null,
        );
        $far = array_filter($counted, $isFar);

        return $counted === [] ? [] : [['screw_far_out', $far === [] ? Answer::No : Answer::Yes]];
    }
}

<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Whether what was heard can all be true: no two at one reading that contradict, and nothing lean far richer than
 * anything rich.
 */
final readonly class OrderOfMarks
{
    /** An ear may be off by so many turns, not by more. From memory. */
    private const MOST_BACKWARD = 0.75;

    /**
     * @param  list<MixtureReading>  $readings
     *
     * @throws UnusableRun
     */
    public static function check(array $readings, MixtureScrew $screw): void
    {
        foreach ($readings as $reading) {
            self::checkOne($reading);
        }
        foreach (self::heard($readings) as [$leanTurns, $leanMark]) {
            foreach (self::heard($readings) as [$richTurns, $richMark]) {
                $isBackward = $screw->rich() * ($leanTurns - $richTurns) > self::MOST_BACKWARD;
                if ($isBackward && $leanMark->isLeanerThan($richMark)) {
                    throw UnusableRun::backward($leanMark, $richMark);
                }
            }
        }
    }

    /** @throws UnusableRun */
    private static function checkOne(MixtureReading $reading): void
    {
        foreach ($reading->marks as $one) {
            foreach ($reading->marks as $other) {
                if ($one->contradicts($other)) {
                    throw UnusableRun::contradictory($reading, $one, $other);
                }
            }
        }
    }

    /**
     * @param  list<MixtureReading>  $readings
     *
     * @return list<array{0: float, 1: Mark}> turns and mark
     */
    private static function heard(array $readings): array
    {
        $heard = [];
        foreach ($readings as $reading) {
            foreach ($reading->marks as $mark) {
                $heard[] = [$reading->turns->inTurns(), $mark];
            }
        }

        return $heard;
    }
}

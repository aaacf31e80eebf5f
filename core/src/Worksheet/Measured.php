<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\Diagnosis\Answer;
use DustyJet\Fuel\DeliveryVerdict;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Flow\CheckValve;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\Flow\ValveVerdict;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\LeakMap\IsolatingResults;
use DustyJet\Worksheet\LeakMap\LeakMap;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;

/**
 * What the stations found, as answers to findings: a failure says it is there, a pass that it is not. Each with when;
 * null for what came first.
 *
 * @internal
 *
 * @phpstan-type Found array{0: string, 1: Answer, 2: DateTimeImmutable|null}
 */
final readonly class Measured
{
    /** A screw this far past its base is dirt, not adjustment. Common practice. */
    private const FAR_OUT_TURNS = 2.0;

    /** @return list<Found> */
    public static function on(Worksheet $sheet): array
    {
        return [
            ...self::counted($sheet),
            ...self::missed($sheet),
            ...self::lookedAt($sheet),
            ...self::held($sheet),
            ...self::isolated($sheet),
            ...self::valve($sheet),
            ...self::delivered($sheet),
            ...self::tested($sheet),
            ...self::proved($sheet),
        ];
    }

    /**
     * A part that was never found shows what a bad one would.
     *
     * @return list<Found>
     */
    private static function missed(Worksheet $sheet): array
    {
        $lost = $sheet->of(Parts::class)->build->lost();
        $found = [];
        foreach ($lost === [] ? [] : $sheet->family->inspectionsOf($sheet->variant()) as $inspection) {
            foreach (array_intersect($inspection->effects->fittedAs, $lost) === [] ? [] : $inspection->effects->fails as $finding) {
                $found[] = [$finding, Answer::Yes, null];
            }
        }

        return $found;
    }

    /**
     * A dry needle that leaks proves nothing; one that holds dry holds.
     *
     * @return list<Found>
     */
    private static function held(Worksheet $sheet): array
    {
        $hold = $sheet->of(Holds::class)->latest();
        $fails = $sheet->family->proof->hold?->fails;
        $isTrusted = $hold !== null && ! $sheet->of(Staleness::class)->has(Holds::READING);
        if ($fails === null || ! $isTrusted || $hold->outcome->verdict === Verdict::KeepWatching) {
            return [];
        }

        return match (true) {
            $hold->outcome->verdict === Verdict::Holds => [[$fails, Answer::No, $hold->at]],
            $hold->setup->arranged->wetted => [[$fails, Answer::Yes, $hold->at]],
            default => [],
        };
    }

    /**
     * A joint that was told apart from the others.
     *
     * @return list<Found>
     */
    private static function isolated(Worksheet $sheet): array
    {
        ['leaking' => $leaking, 'cleared' => $cleared] = LeakMap::proved($sheet);
        $results = $sheet->of(IsolatingResults::class)->all;
        $at = $results === [] ? null : $results[array_key_last($results)]->at;
        $found = [];
        foreach ($sheet->family->proof->leaks->joints ?? [] as $key => $joint) {
            $answer = in_array($key, $leaking, true) ? Answer::Yes : (in_array($key, $cleared, true) ? Answer::No : null);
            if ($joint->shows !== null && $answer !== null) {
                $found[] = [$joint->shows, $answer, $at];
            }
        }

        return $found;
    }

    /**
     * A leak in the body alone may be the putty's.
     *
     * @return list<Found>
     */
    private static function valve(Worksheet $sheet): array
    {
        $fails = $sheet->family->proof->tests[CheckValve::READING]->fails ?? null;
        $valve = $sheet->of(CheckValve::class);
        $isTrusted = ! $sheet->of(Staleness::class)->has(CheckValve::READING);
        $answer = match ($isTrusted ? $valve->verdict() : null) {
            ValveVerdict::Good => Answer::No,
            ValveVerdict::PressFit, ValveVerdict::Bad => Answer::Yes,
            default => null,
        };

        return $fails === null || $answer === null ? [] : [[$fails, $answer, $valve->latest()?->at]];
    }

    /** @return list<Found> */
    private static function delivered(Worksheet $sheet): array
    {
        $fails = $sheet->family->proof->tests[Deliveries::READING]->fails ?? null;
        $latest = $sheet->of(Deliveries::class)->latest;
        $isTrusted = ! $sheet->of(Staleness::class)->has(Deliveries::READING);
        if ($fails === null || ! $isTrusted || $latest?->demand === null) {
            return [];
        }

        return match ($latest->delivery->against($latest->demand)) {
            DeliveryVerdict::Starves => [[$fails, Answer::Yes, $latest->at]],
            DeliveryVerdict::Enough => [[$fails, Answer::No, $latest->at]],
            DeliveryVerdict::Scant => [],
        };
    }

    /** @return list<Found> */
    private static function tested(Worksheet $sheet): array
    {
        $found = [];
        foreach ($sheet->of(Tests::class)->records as $key => $record) {
            $fails = $sheet->family->proof->tests[$key]->fails ?? null;
            if ($fails !== null) {
                $found[] = [$fails, $record->passed ? Answer::No : Answer::Yes, $record->at];
            }
        }

        return $found;
    }

    /** @return list<Found> */
    private static function proved(Worksheet $sheet): array
    {
        $found = [];
        foreach ($sheet->of(Proofs::class)->checks as $key => $check) {
            $fails = $sheet->family->proof->checks[$key]->fails ?? null;
            if ($fails !== null && $check->passed !== null) {
                $found[] = [$fails, $check->passed ? Answer::No : Answer::Yes, $check->at];
            }
        }

        return $found;
    }

    /** @return list<Found> */
    private static function lookedAt(Worksheet $sheet): array
    {
        $found = [];
        foreach ($sheet->of(Inspected::class)->records as $key => $record) {
            foreach ($sheet->family->teardown->inspections[$key]->effects->fails as $finding) {
                $found[] = [$finding, $record->condition->isGood() ? Answer::No : Answer::Yes, $record->at];
            }
        }

        return $found;
    }

    /** @return list<Found> */
    private static function counted(Worksheet $sheet): array
    {
        $isFar = static fn (AdjusterState $s): bool => ($s->found?->inTurns() ?? 0.0)
            >= $s->adjuster->book->turns->inTurns() + self::FAR_OUT_TURNS;
        $counted = array_filter(
            $sheet->of(Screws::class)->mixture(),
            static fn (AdjusterState $s): bool => $s->found !== null,
        );
        $far = array_filter($counted, $isFar);

        return $counted === [] ? [] : [['screw_far_out', $far === [] ? Answer::No : Answer::Yes, null]];
    }
}

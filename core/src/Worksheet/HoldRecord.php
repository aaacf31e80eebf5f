<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\HoldTest\FittedTrace;
use DustyJet\HoldTest\HoldModel;
use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Verdict;

/**
 * One hold test as it was judged when it was taken: what was shown then is what was decided on, so it is kept, not refitted.
 */
final readonly class HoldRecord
{
    /** No pressure, flow, time or fitted parameter of a hold test is larger. */
    private const LARGEST = 1e6;

    private function __construct(
        public string $entryId,
        public string $traceId,
        public int $seq,
        public DateTimeImmutable $at,
        public bool $isVacuum,
        public bool $wetted,
        public float $volumeMl,
        public float $volumeKnownToPercent,
        public float $limitMlMin,
        public HoldModel $model,
        public Verdict $verdict,
        public float $leakMlMin,
        public float $leakLowMlMin,
        public float $leakHighMlMin,
        public float $startKpa,
        public float $endKpa,
        public float $durationS,
        public float $settledFromS,
        public ?float $plateauKpa,
        public ?float $tauS,
        public ?float $holeUm,
        public ?float $watchMoreS,
        public float $margin,
        public FittedTrace $fitted,
    ) {
    }

    /** @return array<string, mixed> the `result` of a hold_tested entry */
    public static function result(HoldResult $result, float $endKpa, float $durationS): array
    {
        $values = [
            'model' => $result->model->value,
            'verdict' => $result->verdict->value,
            'leak_ml_min' => $result->leak->inMillilitresPerMinute(),
            'leak_low_ml_min' => $result->leakLow->inMillilitresPerMinute(),
            'leak_high_ml_min' => $result->leakHigh->inMillilitresPerMinute(),
            'start_kpa' => $result->start->inKilopascals(),
            'end_kpa' => $endKpa,
            'duration_s' => $durationS,
            'settled_from_s' => $result->settledFrom->inSeconds(),
            'plateau_kpa' => $result->plateau?->inKilopascals(),
            'tau_s' => $result->tau?->inSeconds(),
            'hole_um' => $result->hole?->inMicrometres(),
            'watch_more_s' => $result->watchMore?->inSeconds(),
            'margin' => $result->margin,
        ];

        // Nine digits are more than any gauge has, and survive a round trip through any JSON reader.
        return array_map(static fn (mixed $v): mixed => is_float($v) ? (float) sprintf('%.9g', $v) : $v, $values);
    }

    /** @throws UnreadableEntry If the stored result or fit is not one this program wrote. */
    public static function of(Entry $entry): self
    {
        $result = $entry->map('result');
        self::refuseWildNumbers($result, 'result');
        self::refuseWildNumbers([$entry->number('volume_ml'), $entry->number('limit_ml_min'), $entry->number('volume_u_percent')], 'volume_ml, volume_u_percent and limit_ml_min');
        $number = static fn (string $name): float => is_numeric($result[$name] ?? null) ? (float) $result[$name] : 0.0;
        $maybe = static fn (string $name): ?float => is_numeric($result[$name] ?? null) ? (float) $result[$name] : null;
        $word = static fn (string $name): string => is_string($result[$name] ?? null) ? $result[$name] : '';
        $model = HoldModel::tryFrom($word('model')) ?? throw UnreadableEntry::field('hold_tested', 'result.model', 'a known model');
        $verdict = Verdict::tryFrom($word('verdict')) ?? throw UnreadableEntry::field('hold_tested', 'result.verdict', 'a known verdict');
        $fit = self::fit($entry->map('fit'));

        return new self(
            $entry->id,
            $entry->text('trace'),
            $entry->seq,
            $entry->at,
            $entry->text('method') === 'vacuum',
            $entry->flag('wetted'),
            $entry->number('volume_ml'),
            $entry->number('volume_u_percent'),
            $entry->number('limit_ml_min'),
            $model,
            $verdict,
            $number('leak_ml_min'),
            $number('leak_low_ml_min'),
            $number('leak_high_ml_min'),
            $number('start_kpa'),
            $number('end_kpa'),
            $number('duration_s'),
            $number('settled_from_s'),
            $maybe('plateau_kpa'),
            $maybe('tau_s'),
            $maybe('hole_um'),
            $maybe('watch_more_s'),
            $number('margin'),
            FittedTrace::fromArray($fit),
        );
    }

    /**
     * @param  array<array-key, mixed>  $fit
     * @return array{model: string, shape: string, vacuum: bool, atmosphere_kpa: float, best: list<float>, low: list<float>, high: list<float>}
     *
     * @throws UnreadableEntry
     */
    private static function fit(array $fit): array
    {
        $model = is_string($fit['model'] ?? null) ? HoldModel::tryFrom($fit['model']) : null;
        $shape = is_string($fit['shape'] ?? null) ? LeakShape::tryFrom($fit['shape']) : null;
        $atmosphere = $fit['atmosphere_kpa'] ?? null;
        if ($model === null || $shape === null || ! is_bool($fit['vacuum'] ?? null) || ! is_numeric($atmosphere) || $atmosphere < 10 || $atmosphere > 200) {
            throw UnreadableEntry::field('hold_tested', 'fit', 'a known model and shape');
        }
        $best = match ($model) {
            HoldModel::Tight => 3,
            HoldModel::Leak => 4,
            HoldModel::HoldsBelow => 5,
        };

        return [
            'model' => $model->value,
            'shape' => $shape->value,
            'vacuum' => $fit['vacuum'],
            'atmosphere_kpa' => (float) $atmosphere,
            'best' => self::numbers($fit['best'] ?? null, 'fit.best', $best),
            'low' => self::numbers($fit['low'] ?? null, 'fit.low', 4),
            'high' => self::numbers($fit['high'] ?? null, 'fit.high', 4),
        ];
    }

    /**
     * @return list<float>
     *
     * @throws UnreadableEntry
     */
    private static function numbers(mixed $values, string $field, int $count): array
    {
        $numbers = is_array($values) ? array_values(array_filter($values, static fn (mixed $v): bool => is_int($v) || is_float($v))) : [];
        count($numbers) === $count || throw UnreadableEntry::field('hold_tested', $field, "{$count} numbers");
        self::refuseWildNumbers($numbers, $field);
        // The first is a pressure the curves divide by; the last the logarithm of a settling time.
        $numbers[0] > 0 && abs($numbers[$count - 1]) < 20 || throw UnreadableEntry::field('hold_tested', $field, 'a curve that can be drawn');

        return array_map(floatval(...), $numbers);
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws UnreadableEntry
     */
    private static function refuseWildNumbers(array $values, string $field): void
    {
        foreach ($values as $value) {
            if ((is_int($value) || is_float($value)) && abs($value) > self::LARGEST) {
                throw UnreadableEntry::field('hold_tested', $field, 'numbers within reason');
            }
        }
    }
}

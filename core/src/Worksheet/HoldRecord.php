<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\HoldTest\FittedTrace;
use DustyJet\HoldTest\HoldModel;
use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\Verdict;

/**
 * One hold test as it was judged when it was taken: what was shown then is what was decided on, so it is kept, not refitted.
 */
final readonly class HoldRecord
{
    private function __construct(
        public string $entryId,
        public string $traceId,
        public int $seq,
        public DateTimeImmutable $at,
        public bool $isVacuum,
        public bool $wetted,
        public float $volumeMl,
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

    public static function of(Entry $entry): self
    {
        $result = $entry->map('result');
        $number = static fn (string $name): float => is_numeric($result[$name] ?? null) ? (float) $result[$name] : 0.0;
        $maybe = static fn (string $name): ?float => is_numeric($result[$name] ?? null) ? (float) $result[$name] : null;
        $word = static fn (string $name): string => is_string($result[$name] ?? null) ? $result[$name] : '';
        /** @var array{model: string, shape: string, vacuum: bool, atmosphere_kpa: float, best: list<float>, low: list<float>, high: list<float>} $fit */
        $fit = $entry->map('fit');

        return new self(
            $entry->id,
            $entry->text('trace'),
            $entry->seq,
            $entry->at,
            $entry->text('method') === 'vacuum',
            $entry->flag('wetted'),
            $entry->number('volume_ml'),
            $entry->number('limit_ml_min'),
            HoldModel::from($word('model')),
            Verdict::from($word('verdict')),
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
}

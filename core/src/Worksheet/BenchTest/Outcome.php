<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\HoldTest\FittedTrace;
use DustyJet\HoldTest\HoldModel;
use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\Verdict;

/** What a hold test came to. */
final readonly class Outcome
{
    private function __construct(
        public HoldModel $model,
        public Verdict $verdict,
        public FoundLeak $leak,
        public Course $course,
        public ?float $watchMoreS,
        public float $margin,
        public FittedTrace $fitted,
    ) {
    }

    /** @throws UnreadableEntry If the stored result or fit is not one this program wrote. */
    public static function of(Payload $payload): self
    {
        $result = StoredNumbers::of($payload->map('result'), 'result');
        $model = HoldModel::tryFrom($result->word('model'));
        $model ?? throw UnreadableEntry::field('hold_tested', 'result.model', 'a known model');
        $verdict = Verdict::tryFrom($result->word('verdict'));
        $verdict ?? throw UnreadableEntry::field('hold_tested', 'result.verdict', 'a known verdict');

        return new self(
            model: $model,
            verdict: $verdict,
            leak: FoundLeak::of($result),
            course: Course::of($result),
            watchMoreS: $result->numberOrNull('watch_more_s'),
            margin: $result->number('margin'),
            fitted: StoredFit::of($payload->map('fit')),
        );
    }

    /** @return array<string, mixed> the `result` of a hold_tested entry */
    public static function stored(HoldResult $result, float $endKpa, float $durationS): array
    {
        $values = [
            'model' => $result->model->value,
            'verdict' => $result->verdict->value,
            'leak_ml_min' => $result->leak->best->inMillilitresPerMinute(),
            'leak_low_ml_min' => $result->leak->low->inMillilitresPerMinute(),
            'leak_high_ml_min' => $result->leak->high->inMillilitresPerMinute(),
            'start_kpa' => $result->start->inKilopascals(),
            'end_kpa' => $endKpa,
            'duration_s' => $durationS,
            'settled_from_s' => $result->settledFrom->inSeconds(),
            'plateau_kpa' => $result->plateau?->inKilopascals(),
            'tau_s' => $result->tau?->inSeconds(),
            'hole_um' => $result->leak->hole?->inMicrometres(),
            'watch_more_s' => $result->watchMore?->inSeconds(),
            'margin' => $result->margin,
        ];

        // Nine digits are more than any gauge has, and survive a round trip through any JSON reader.
        return array_map(static fn (mixed $v): mixed => is_float($v) ? (float) sprintf('%.9g', $v) : $v, $values);
    }
}

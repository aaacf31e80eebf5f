<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Instrument;
use App\Models\LiveRun;
use App\Models\NoRunOpen;
use App\Models\TooManyBatches;
use DustyJet\Instrument\Sample;
use DustyJet\Instrument\SampleBatch;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Keeps what an instrument sends, each sample once, and moves its run on. */
final readonly class TakeSamples
{
    /** A clock that runs ahead of the run by less than this is no reason to lose its first samples. */
    private const EARLY_SECONDS = 1.0;

    public function __construct(private JudgeLiveRun $judge)
    {
    }

    /**
     * @return array{kept: int, known: int, early: int, last_seq: int} how many were new, had come before, or were taken
     *     before the run began
     *
     * @throws \DustyJet\Rejected If the batch cannot be read, or the instrument is on no job: nothing is kept.
     */
    public function __invoke(Instrument $instrument, string $body): array
    {
        $taken = DB::transaction(function () use ($instrument, $body): array {
            $query = Instrument::query();
            $locked = $query->lockForUpdate()->findOrFail($instrument->id);
            if ($locked->isHeardTooOften(Date::now()->getTimestamp())) {
                throw new TooManyBatches;
            }
            $batch = SampleBatch::parse($body, $locked->measurand, $locked->channels);
            $run = LiveRun::openOf($locked) ?? throw NoRunOpen::of($locked);
            $skew = Date::now()->getPreciseTimestamp(6) / 1e6 - $batch->sentAt;
            $skew = min($run->skew ?? INF, $skew);
            $new = $batch->after($locked->last_seq, $locked->last_t);
            $from = self::seconds($run->opened_at) - $skew - self::EARLY_SECONDS;
            $inTime = array_values(array_filter($new, static fn (Sample $s): bool => $s->seconds >= $from));
            $run->keep(array_map(
                static fn (Sample $s): Sample => new Sample(
                    $s->seq,
                    $s->seconds,
                    $locked->calibration()->corrected($s->value),
                    $s->channel,
                ),
                $inTime,
            ));
            $last = $new === [] ? null : $new[count($new) - 1];
            // Written only where something changed.
            $run->update(['skew' => $skew]);
            $locked->update(['last_seq' => $last->seq ?? $locked->last_seq, 'last_t' => $last->seconds ?? $locked->last_t]);

            return [
                'run' => $run,
                'newest' => $inTime === [] ? null : $inTime[count($inTime) - 1]->seconds,
                'answer' => [
                    'kept' => count($inTime),
                    'known' => count($batch->samples) - count($new),
                    'early' => count($new) - count($inTime),
                    'last_seq' => $locked->last_seq,
                ],
            ];
        });
        $taken['newest'] === null || ($this->judge)($taken['run'], $taken['newest']);

        return $taken['answer'];
    }

    private static function seconds(Carbon $moment): float
    {
        return $moment->getPreciseTimestamp(6) / 1e6;
    }
}

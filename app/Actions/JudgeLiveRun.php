<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LiveRun;
use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\Verdict;
use DustyJet\Instrument\Sample;
use DustyJet\Rejected;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Judges a run that is being watched every two seconds, and ends it when its verdict is clear. */
final readonly class JudgeLiveRun
{
    private const EVERY_SECONDS = 2.0;

    public function __construct(private RecordHoldTest $record)
    {
    }

    /** @param  float  $newest seconds of the newest sample */
    public function __invoke(LiveRun $run, float $newest): void
    {
        if ($newest < ($run->judged_at ?? -INF) + self::EVERY_SECONDS) {
            return;
        }
        DB::transaction(function () use ($run): void {
            $query = LiveRun::query();
            // Whoever judges it now does it for both.
            $mine = $query->lock('for update skip locked')->whereNull('ended_at')->find($run->id);
            $mine === null || $this->judge($mine);
        });
    }

    private function judge(LiveRun $run): void
    {
        $hold = $run->hold();
        $run->held_from = $hold->from;
        $samples = $hold->mayBeJudged() ? $run->samplesSince($hold->from ?? 0.0) : [];
        $before = Verdict::tryFrom($run->verdict['verdict'] ?? '');
        $result = $samples === [] ? null : $this->result($run, $samples);
        $run->verdict = $result === null ? null : self::said($result);
        $run->judged_at = $run->samples(most: 1)[0]->seconds;
        if ($hold->isOver($result?->verdict, $before)) {
            $this->end($run, $samples);
        }
        $run->save();
    }

    /**
     * Logs the hold as it stands and ends the run.
     *
     * @param  list<Sample>  $samples of the hold
     */
    public function end(LiveRun $run, array $samples): void
    {
        $run->ended_at = Date::now();
        try {
            // In a transaction of its own, so that a refusal undoes nothing else.
            DB::transaction(fn () => ($this->record)(
                $run->job,
                $run->opener,
                $run->entryId(),
                $run->traceId(),
                $run->trace($samples),
                $run->rig(),
                $run->limits(),
                $run->setup['wetted'],
                $run->setup['anyway'],
                $run->job->log_length,
            ));
        } catch (Rejected $rejected) {
            $run->said = mb_substr($rejected->getMessage(), 0, 400);
        }
    }

    /** @param  list<Sample>  $samples */
    private function result(LiveRun $run, array $samples): ?HoldResult
    {
        try {
            return HoldTest::judge($run->trace($samples), $run->rig(), $run->limits());
        } catch (Rejected) {
            // Not enough of a trace yet: there is a next time.
            return null;
        }
    }

    /** @return array{verdict: string, ml_min: float, low: float, high: float, more_s: float|null} */
    private static function said(HoldResult $result): array
    {
        return [
            'verdict' => $result->verdict->value,
            'ml_min' => $result->leak->best->inMillilitresPerMinute(),
            'low' => $result->leak->low->inMillilitresPerMinute(),
            'high' => $result->leak->high->inMillilitresPerMinute(),
            'more_s' => $result->watchMore?->inSeconds(),
        ];
    }
}

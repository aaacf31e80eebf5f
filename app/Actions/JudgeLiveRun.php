<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LiveRun;
use App\Models\RunVerdict;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LiveHold;
use DustyJet\HoldTest\LivePhase;
use DustyJet\Instrument\Sample;
use DustyJet\PopOff\PopSeries;
use DustyJet\Rejected;
use Illuminate\Support\Facades\DB;

/** Judges a run that is being watched every two seconds, and ends it when its verdict is clear. */
final readonly class JudgeLiveRun
{
    private const EVERY_SECONDS = 2.0;

    /** As many are enough for anybody. Common practice: three. */
    private const MOST_POPS = 5;

    public function __construct(private LogLiveRun $log)
    {
    }

    /** @param  float  $newest seconds of the newest sample */
    public function __invoke(LiveRun $run, float $newest): void
    {
        if ($run->isAtRun() || $newest < ($run->judged_at ?? -INF) + self::EVERY_SECONDS) {
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
        $run->judged_at = $run->samples(most: 1)[0]->seconds;
        $isOver = $run->isForPops() ? $this->popped($run, $hold) : $this->held($run, $hold);
        if ($isOver) {
            ($this->log)($run, $hold);
        }
        $run->save();
    }

    private function held(LiveRun $run, LiveHold $hold): bool
    {
        $samples = $hold->mayBeJudged() ? $run->samplesSince($hold->from ?? 0.0) : [];
        $before = $run->said()?->verdict;
        $said = $samples === [] ? null : self::result($run, $samples);
        $run->verdict = $said?->toArray();

        return $hold->isOver($said?->verdict, $before);
    }

    /** Over once it was let go after three pops, or after as many as anybody wants. */
    private function popped(LiveRun $run, LiveHold $hold): bool
    {
        try {
            $series = PopSeries::in($run->trace($run->samples()));
        } catch (Rejected) {
            // Not enough of a trace yet: there is a next time.
            return false;
        }
        $run->verdict = RunVerdict::ofPops($series)->toArray();
        $isEnough = $series->isEnough() && $hold->phase === LivePhase::LetGo;

        return $isEnough || count($series->pops) >= self::MOST_POPS;
    }

    /** @param  list<Sample>  $samples */
    private static function result(LiveRun $run, array $samples): ?RunVerdict
    {
        $setup = $run->setUp();
        try {
            return RunVerdict::ofHold(HoldTest::judge($run->trace($samples), $setup->rig, $setup->limits));
        } catch (Rejected) {
            return null;
        }
    }
}

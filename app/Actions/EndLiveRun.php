<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LiveRun;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Takes an instrument off a job: what was held so far is judged and logged, if it is enough to judge. */
final readonly class EndLiveRun
{
    public function __construct(private JudgeLiveRun $judge)
    {
    }

    public function __invoke(LiveRun $run): void
    {
        DB::transaction(function () use ($run): void {
            $query = LiveRun::query();
            $open = $query->whereNull('ended_at')->lockForUpdate()->find($run->id);
            if ($open === null) {
                return;
            }
            $hold = $open->hold();
            if ($hold->mayBeJudged()) {
                $this->judge->end($open, $open->samplesSince($hold->from ?? 0.0));
            }
            $open->ended_at = Date::now();
            $open->save();
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LiveRun;
use Illuminate\Support\Facades\DB;

/** Takes an instrument off a job: what was held so far is judged and logged, if it is enough to judge. */
final readonly class EndLiveRun
{
    public function __construct(private LogLiveRun $log)
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
            ($this->log)($open, $open->hold());
            $open->save();
        });
    }
}

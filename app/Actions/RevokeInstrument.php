<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Instrument;
use App\Models\LiveRun;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Takes an instrument out of use for good: its key is worth nothing, and the run it is on ends. */
final readonly class RevokeInstrument
{
    public function __construct(private EndLiveRun $end)
    {
    }

    public function __invoke(Instrument $instrument): void
    {
        DB::transaction(function () use ($instrument): void {
            $instrument->update(['revoked_at' => $instrument->revoked_at ?? Date::now()]);
            $run = LiveRun::openOf($instrument);
            $run === null || ($this->end)($run);
        });
    }
}

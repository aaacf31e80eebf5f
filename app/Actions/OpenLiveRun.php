<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Instrument;
use App\Models\InstrumentInUse;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use DustyJet\Carburetor\Families;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Puts an instrument on a job, to be watched from now on. Doing it again changes nothing. */
final readonly class OpenLiveRun
{
    public function __construct(private Families $families)
    {
    }

    /**
     * @param  bool  $anyway whether it is watched although the machine lies apart
     *
     * @throws \DustyJet\Rejected If the instrument is on another job, was revoked, or the carburetor cannot be tested.
     */
    public function __invoke(
        Job $job,
        Person $by,
        Instrument $instrument,
        Rig $rig,
        Limits $limits,
        bool $wetted,
        bool $anyway,
    ): LiveRun {
        $sheet = $job->worksheet($this->families);
        $hold = $sheet->family->proof->hold ?? throw NotAllowedNow::noHoldTest();
        $inTheWay = Machine::on($sheet->bench)->inTheWay($hold->needs);
        $inTheWay === null || $anyway || throw NotAllowedNow::inTheWay($inTheWay);

        return DB::transaction(function () use ($job, $by, $instrument, $rig, $limits, $wetted, $anyway): LiveRun {
            $query = Instrument::query();
            $free = $query->whereNull('revoked_at')->lockForUpdate()->find($instrument->id);
            $free ?? throw InstrumentInUse::revoked($instrument);
            $open = LiveRun::openOf($free);
            if ($open !== null && $open->job_id !== $job->id) {
                throw InstrumentInUse::on($open->job, $free);
            }
            $here = Job::query();
            $here->lockForUpdate()->findOrFail($job->id);

            return LiveRun::openOn($job) ?? LiveRun::query()->create([
                'job_id' => $job->id,
                'instrument_id' => $free->id,
                'opened_by' => $by->id,
                'setup' => [
                    'volume_ml' => $rig->volume->inMillilitres(),
                    'volume_u_percent' => 100.0 * $rig->relativeUncertainty,
                    'limit_ml_min' => $limits->leak->inMillilitresPerMinute(),
                    'wetted' => $wetted,
                    'anyway' => $anyway,
                ],
                'opened_at' => Date::now(),
            ]);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Instrument;
use App\Models\InstrumentInUse;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use App\Models\RunPurpose;
use App\Models\RunSetup;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Need;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\NotAllowedNow;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Puts an instrument on a job, to be watched from now on. Doing it again changes nothing. */
final readonly class OpenLiveRun
{
    public function __construct(private Families $families, private EndLiveRun $end)
    {
    }

    /** @throws \DustyJet\Rejected If the instrument is on another job, was revoked, or the carburetor cannot be tested. */
    public function __invoke(Job $job, Person $by, Instrument $instrument, RunSetup $setup): LiveRun
    {
        $sheet = $job->worksheet($this->families);
        $needs = match ($setup->purpose) {
            RunPurpose::Hold => $sheet->family->proof->hold->needs ?? throw NotAllowedNow::noHoldTest(),
            RunPurpose::Pops => $sheet->family->proof->tests[Metering::POP_OFF]->needs
                ?? throw NotAllowedNow::notOfThisFamily('A pop-off'),
            RunPurpose::Speed => Need::Whole,
            RunPurpose::Columns => Ticket::bankOf($sheet->bench) !== []
                ? Need::Whole
                : throw NotAllowedNow::notOfThisFamily('A bank of carburetors'),
        };
        $inTheWay = Machine::on($sheet->bench)->inTheWay($needs);
        $mayStill = $setup->arranged->anyway && $setup->purpose === RunPurpose::Hold;
        $inTheWay === null || $mayStill || throw NotAllowedNow::inTheWay($inTheWay);
        $setup->purpose->isAtRun() || $setup->arranged->refuseUnlessOf($sheet->family);
        $this->endOther(LiveRun::openOn($job), $setup->purpose);
        $this->endSilent(LiveRun::openOn($job), LiveRun::openOf($instrument));

        return DB::transaction(function () use ($job, $by, $instrument, $setup): LiveRun {
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
                'setup' => $setup->toArray(),
                'opened_at' => Date::now(),
            ]);
        });
    }

    /** The bench has one instrument at a time: what is watched for something else ends first. */
    private function endOther(?LiveRun $open, RunPurpose $purpose): void
    {
        $isOther = $open !== null && $open->setUp()->purpose !== $purpose && ($open->isAtRun() || $purpose->isAtRun());
        $isOther && ($this->end)($open);
    }

    /** A gauge that was switched off with its run open keeps neither its job nor itself. */
    private function endSilent(?LiveRun ...$open): void
    {
        foreach ($open as $run) {
            $run?->isSilent(Date::now()) === true && ($this->end)($run);
        }
    }
}

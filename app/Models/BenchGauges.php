<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use stdClass;

/** What the bench of a job asks of the instruments: which may be put on it, and the run that is watched there now. */
final readonly class BenchGauges
{
    /** @param  list<array{id: string, name: string}>  $offered by name */
    private function __construct(public array $offered, public ?LiveRun $live)
    {
    }

    public static function none(): self
    {
        return new self([], null);
    }

    /** In one question, because every look at a bench asks it; the run only where there is one. */
    public static function of(Job $job, RunPurpose $purpose = RunPurpose::Hold): self
    {
        $offered = [];
        $watched = null;
        foreach (self::rows($job, $purpose) as $row) {
            /** @var stdClass&object{id: string, name: string, may: bool, run: string|null} $row */
            $offered = $row->may ? [...$offered, ['id' => $row->id, 'name' => $row->name]] : $offered;
            $watched ??= $row->run;
        }
        $query = LiveRun::query();

        return new self($offered, $watched === null ? null : $query->with('instrument')->find($watched));
    }

    /** @return list<stdClass> */
    private static function rows(Job $job, RunPurpose $purpose): array
    {
        $may = $purpose->measurands();
        /** @var list<stdClass> $rows */
        $rows = DB::select(<<<'SQL'
            select * from (
                select instruments.id, instruments.name, live_runs.id as run,
                    revoked_at is null and not stands_in and instruments.measurand in (?, ?) as may
                from instruments
                left join live_runs on live_runs.instrument_id = instruments.id and live_runs.job_id = ?
                    and live_runs.ended_at is null
            ) as gauges
            where run is not null or may
            order by name
            SQL, [$may[0]->value, ($may[1] ?? $may[0])->value, $job->id]);

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Instrument\Measurand;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
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
    public static function of(Job $job): self
    {
        $offered = [];
        $watched = null;
        foreach (self::rows($job) as $row) {
            /** @var stdClass&object{id: string, name: string, may: bool, run: string|null} $row */
            $offered = $row->may ? [...$offered, ['id' => $row->id, 'name' => $row->name]] : $offered;
            $watched ??= $row->run;
        }
        $query = LiveRun::query();

        return new self($offered, $watched === null ? null : $query->with('instrument')->find($watched));
    }

    /** @return list<stdClass> */
    private static function rows(Job $job): array
    {
        $may = 'instruments.revoked_at is null and not instruments.stands_in and instruments.measurand in (?, ?)';
        $kinds = [Measurand::Pressure->value, Measurand::Vacuum->value];
        $rows = DB::table('instruments')
            ->leftJoin('live_runs', static fn (JoinClause $on): JoinClause => $on
                ->on('live_runs.instrument_id', 'instruments.id')
                ->where('live_runs.job_id', $job->id)
                ->whereNull('live_runs.ended_at'))
            ->where(static fn (Builder $q): Builder => $q->whereNotNull('live_runs.id')->orWhereRaw($may, $kinds))
            ->orderBy('instruments.name')
            ->select(['instruments.id', 'instruments.name', 'live_runs.id as run'])
            ->selectRaw("({$may}) as may", $kinds)
            ->get();

        return array_values($rows->all());
    }
}

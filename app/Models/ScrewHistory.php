<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Quantity\Turns;
use Illuminate\Support\Facades\DB;

/** Where the screws of other jobs stood: of the same family in this shop, and of this very machine. */
final readonly class ScrewHistory
{
    /** Fewer jobs than this say nothing of a shop. */
    private const FEWEST = 3;

    /** Of the family: what a shop did years ago is no habit of it. */
    private const JOBS_BACK = 200;

    /**
     * @param  array<string, array{turns: Turns, jobs: int}>  $ofShop median as left, by screw
     * @param  array<string, array{turns: Turns, number: string}>  $ofMachine as it was left last, by screw
     */
    private function __construct(public array $ofShop, public array $ofMachine)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public static function around(Job $job): self
    {
        return new self(self::ofShop($job), ($job->serial ?? '') === '' ? [] : self::ofMachine($job));
    }

    /** @return array<string, array{turns: Turns, jobs: int}> */
    private static function ofShop(Job $job): array
    {
        $rows = DB::select(
            <<<'SQL'
            with latest as (select id from jobs where family = ? and id <> ? order by opened_at desc limit ?),
            last as (
                select distinct on (e.job_id, e.payload->>'adjuster') e.payload->>'adjuster' as screw, (e.payload->>'units')::int as units
                  from latest j join entries e on e.job_id = j.id
                 where e.kind = 'screw_set' and e.payload->>'station' = 'run'
                   and not exists (select from entries s where s.job_id = e.job_id and s.supersedes = e.id)
                 order by e.job_id, e.payload->>'adjuster', e.seq desc)
            select screw, percentile_disc(0.5) within group (order by units) as units, count(*) as jobs from last group by screw having count(*) >= ?
            SQL
            ,
            [$job->family, $job->id, self::JOBS_BACK, self::FEWEST],
        );
        $found = [];
        foreach ($rows as $row) {
            /** @var object{screw: string, units: int, jobs: int} $row */
            $found[$row->screw] = ['turns' => Turns::ofUnits($row->units), 'jobs' => $row->jobs];
        }

        return $found;
    }

    /** @return array<string, array{turns: Turns, number: string}> */
    private static function ofMachine(Job $job): array
    {
        $rows = DB::select(
            <<<'SQL'
            select distinct on (e.payload->>'adjuster') e.payload->>'adjuster' as screw, (e.payload->>'units')::int as units, j.number
              from entries e join jobs j on j.id = e.job_id
             where lower(j.serial) = lower(?) and j.serial <> '' and j.family = ? and j.id <> ? and e.kind = 'screw_set' and e.payload->>'station' = 'run'
               and not exists (select from entries s where s.job_id = e.job_id and s.supersedes = e.id)
             order by e.payload->>'adjuster', j.opened_at desc, j.id, e.seq desc
            SQL
            ,
            [$job->serial, $job->family, $job->id],
        );
        $found = [];
        foreach ($rows as $row) {
            /** @var object{screw: string, units: int, number: string} $row */
            $found[$row->screw] = ['turns' => Turns::ofUnits($row->units), 'number' => $row->number];
        }

        return $found;
    }
}

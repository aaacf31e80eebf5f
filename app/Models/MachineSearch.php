<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;

/**
 * The machines whose name, serial number or owner begins as typed, each by its latest job. It steps along an index from
 * one machine to the next (PostgreSQL wiki, Loose indexscan), so that it looks at no more rows than it finds machines,
 * however often each was here.
 */
final readonly class MachineSearch
{
    /** What a machine is found by, each with the others that tell it apart: as the indexes have them. */
    private const SEARCHED = [
        ['machine', 'serial', 'customer'],
        ['serial', 'machine', 'customer'],
        ['customer', 'machine', 'serial'],
    ];

    /**
     * @param  int  $most of each of the three
     *
     * @return Collection<int, Job> newest first
     */
    public static function like(string $beginning, int $most): Collection
    {
        $like = addcslashes(mb_strtolower($beginning), '%_\\\\').'%';
        $latest = array_map(static fn (array $by): string => self::latestOfEach($by, $most), self::SEARCHED);
        $query = Job::query();
        $query->whereRaw('id in ('.implode(' union ', $latest).')', array_fill(0, 6, $like))->orderByDesc('opened_at');

        return $query->get();
    }

    /**
     * @param  non-empty-list<string>  $columns the first begins so
     *
     * @return string SQL with the beginning twice
     */
    private static function latestOfEach(array $columns, int $most): string
    {
        $keys = array_map(self::inOrder(...), $columns);
        $machine = implode(', ', $keys);
        [$a, $b, $c] = $keys;
        $step = static fn (string $after, string $nth): string => "select id, {$a} as a, {$b} as b, {$c} as c, {$nth} as nth
            from jobs where {$a} like ?{$after} order by {$machine}, opened_at desc limit 1";
        $next = $step(" and ({$machine}) > (m.a, m.b, m.c)", 'm.nth + 1');

        return "(with recursive machines as (
            ({$step('', '1')})
            union all
            select later.* from machines as m, lateral ({$next}) as later where m.nth < {$most}
        ) select id from machines)";
    }

    /** As its index has it: by bytes, so that a beginning is a range. */
    private static function inOrder(string $column): string
    {
        return "(lower(coalesce({$column}, '')) collate \"C\")";
    }
}

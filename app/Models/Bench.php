<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;

/** What lies on the bench now: the open jobs, those that went home lately, the latest entries of all. */
final readonly class Bench
{
    private const HANDED_BACK_SHOWN = 5;

    /** No bench holds more; of a database that does, those promised soonest. */
    private const OPEN_SHOWN = 120;

    private const LATEST = 6;

    /**
     * @param  list<Job>  $open soonest promised first
     * @param  list<Job>  $handedBack newest first
     * @param  list<Entry>  $entries newest first, with their jobs
     */
    private function __construct(
        public array $open,
        public array $handedBack,
        public array $entries,
        public int $openInAll,
    ) {
    }

    public static function now(): self
    {
        return new self(
            $open = array_values(Job::onTheBench()->limit(self::OPEN_SHOWN)->get()->all()),
            array_values(Job::latestHandedBack(self::HANDED_BACK_SHOWN)->get()->all()),
            array_values(Entry::latestOfAll(self::LATEST)->all()),
            count($open) < self::OPEN_SHOWN ? count($open) : Job::onTheBench()->count(),
        );
    }

    /** Another once anything of it is another, asked in one question. */
    public static function digest(): string
    {
        $rows = "md5(string_agg(shown::text, '|'))";
        $of = static fn (Builder $shown): Query => DB::query()->fromSub($shown, 'shown')->selectRaw($rows);
        $query = DB::query()
            ->selectSub($of(Job::onTheBench()->limit(self::OPEN_SHOWN)), 'open')
            ->selectSub($of(Job::latestHandedBack(self::HANDED_BACK_SHOWN)), 'handed_back')
            ->selectSub($of(Entry::newest(self::LATEST)->select('id')), 'entries')
            ->selectSub(Job::onTheBench()->reorder()->selectRaw('count(*)'), 'open_in_all');

        return (string) json_encode($query->first(), JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

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
            $open = array_values(Job::onTheBench(self::OPEN_SHOWN)->all()),
            array_values(Job::latestHandedBack(self::HANDED_BACK_SHOWN)->all()),
            array_values(Entry::latestOfAll(self::LATEST)->all()),
            count($open) < self::OPEN_SHOWN ? count($open) : Job::countOnTheBench(),
        );
    }
}

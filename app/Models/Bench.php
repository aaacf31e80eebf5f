<?php

declare(strict_types=1);

namespace App\Models;

/** What lies on the bench now: the open jobs, those that went home lately, the latest entries of all. */
final readonly class Bench
{
    private const HANDED_BACK_SHOWN = 5;

    private const LATEST = 6;

    /**
     * @param  list<Job>  $open soonest promised first
     * @param  list<Job>  $handedBack newest first
     * @param  list<Entry>  $entries newest first, with their jobs
     */
    private function __construct(public array $open, public array $handedBack, public array $entries)
    {
    }

    public static function now(): self
    {
        return new self(
            array_values(Job::onTheBench()->all()),
            array_values(Job::latestHandedBack(self::HANDED_BACK_SHOWN)->all()),
            array_values(Entry::latestOfAll(self::LATEST)->all()),
        );
    }
}

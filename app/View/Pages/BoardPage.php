<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Entry;
use App\Models\Job;
use App\View\Numbers;
use Illuminate\Support\Facades\Date;

/** The bench board: every open job with its station, its next move and what is stale. */
final readonly class BoardPage
{
    private const HANDED_BACK_SHOWN = 5;

    /**
     * @param  list<BoardJob>  $jobs most urgent first
     * @param  list<BoardJob>  $rechecks
     * @param  list<BoardJob>  $handedBack newest first
     * @param  list<array{time: string, number: string, text: string}>  $ribbon
     */
    private function __construct(public string $title, public string $today, public string $handWork, public array $jobs, public array $rechecks, public array $handedBack, public array $ribbon)
    {
    }

    public static function now(): self
    {
        $now = Date::now();
        $open = Job::onTheBench();
        $jobs = array_values($open->map(static fn (Job $job): BoardJob => BoardJob::of($job, $now))->all());
        $back = Job::latestHandedBack(self::HANDED_BACK_SHOWN);
        $minutes = (int) $open->sum('next_minutes');

        return new self(
            title: 'Bench board',
            today: $now->format('l, F j').'. '.(count($jobs) === 1 ? 'One job' : count($jobs).' jobs').' open.',
            handWork: $minutes >= 60 ? intdiv($minutes, 60).' h '.($minutes % 60).' min' : "{$minutes} min",
            jobs: $jobs,
            rechecks: array_values(array_filter($jobs, static fn (BoardJob $j): bool => $j->stale > 0)),
            handedBack: array_values($back->map(static fn (Job $job): BoardJob => BoardJob::of($job, $now))->all()),
            ribbon: array_values(Entry::latestOfAll(6)->map(static fn (Entry $e): array => ['time' => Numbers::clock($e->recorded_at), 'number' => substr($e->job->number, 3), 'text' => str_replace('_', ' ', $e->kind->value)])->all()),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\Job;
use DateTimeInterface;
use DustyJet\Carburetor\Station;

/** A job on the bench board. */
final readonly class BoardJob
{
    private function __construct(
        public string $href,
        public string $number,
        public string $machine,
        public string $complaint,
        public string $station,
        public string $move,
        public string $minutes,
        public BoardPromise $promise,
        public BoardClock $clock,
        public string $stale,
        public BoardWait $wait,
        public MiniLine $line,
    ) {
    }

    public static function of(Job $job, DateTimeInterface $now): self
    {
        $station = Station::tryFrom($job->station) ?? Station::Intake;

        return new self(
            href: route('stations.show', [$job, $job->station]),
            number: $job->number,
            machine: $job->machine,
            complaint: ucfirst($job->complaint),
            station: $station->label().($job->stale_count === 0 ? '' : ", {$job->stale_count} to re-check"),
            move: $job->next_move ?? 'Handed back',
            minutes: (string) ($job->next_minutes ?? ''),
            promise: BoardPromise::of($job->promised_at, $now),
            clock: BoardClock::of($job->clock_name ?? '', $job->clock_due_at, $now),
            stale: match ($job->stale_count) {
                0 => '',
                1 => '1 reading no longer holds',
                default => "{$job->stale_count} readings no longer hold",
            },
            wait: BoardWait::of($job->waits_for, $job->waits_until, $now),
            line: MiniLine::of($job->line, $station),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use DateTimeInterface;
use DustyJet\Carburetor\Station;

final readonly class BoardJob
{
    /** @param  list<array{x: int, state: string}>  $mini the fuel line, small */
    private function __construct(
        public string $href,
        public string $number,
        public string $machine,
        public string $complaint,
        public string $station,
        public string $move,
        public string $minutes,
        public string $promised,
        public string $promisedInLine,
        public bool $isLate,
        public int $stale,
        public array $mini,
        public int $wet,
        public string $handedBack,
        public string $reportHref,
        public string $clock,
        public bool $isClockDue,
    ) {
    }

    public static function of(Job $job, DateTimeInterface $now): self
    {
        $station = Station::tryFrom($job->station) ?? Station::Intake;
        $mini = [];
        foreach (Station::cases() as $i => $each) {
            $state = $job->line[$each->value] ?? ['done' => false, 'stale' => 0];
            $mini[] = ['x' => 6 + 22 * $i, 'state' => match (true) {
                $each === $station => 'here',
                $state['stale'] > 0 => 'stale',
                $state['done'] => 'done',
                default => 'todo',
            }];
        }

        return new self(
            href: route('stations.show', [$job, $job->station]),
            number: $job->number,
            machine: $job->machine,
            complaint: ucfirst($job->complaint),
            station: $station->label(),
            move: $job->next_move ?? 'Handed back',
            minutes: (string) ($job->next_minutes ?? ''),
            promised: $job->promised_at === null ? 'no date' : Numbers::day($job->promised_at, $now),
            promisedInLine: $job->promised_at === null ? 'no date' : str_replace('Today', 'today', Numbers::day($job->promised_at, $now)),
            isLate: $job->promised_at !== null && $job->promised_at < $now,
            stale: $job->stale_count,
            mini: $mini,
            wet: 22 * $station->number() - 11,
            handedBack: $job->handed_back_at === null ? '' : $job->handed_back_at->format('M j, G:i'),
            reportHref: route('report.show', $job),
            clock: $job->clock_due_at === null ? '' : "{$job->clock_name}, ".($job->clock_due_at <= $now ? 'time is up' : 'until '.Numbers::clock($job->clock_due_at)),
            isClockDue: $job->clock_due_at !== null && $job->clock_due_at <= $now,
        );
    }
}

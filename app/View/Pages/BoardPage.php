<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Bench;
use App\Models\Entry;
use App\Models\Job;
use App\View\Board\BackJob;
use App\View\Board\BackupLine;
use App\View\Board\BoardJob;
use App\View\Board\BoardLine;
use DateTimeInterface;
use DustyJet\Carburetor\Families;

/** The bench board: every open job with its station, its next move and what is stale. */
final readonly class BoardPage
{
    /**
     * @param  list<BoardJob>  $jobs that need hands, most urgent first
     * @param  list<BoardJob>  $waiting for a part or the customer
     * @param  list<BoardJob>  $rechecks
     * @param  list<BackJob>  $handedBack newest first
     * @param  list<BoardLine>  $ribbon
     */
    private function __construct(
        public string $title,
        public string $today,
        public string $handWork,
        public array $jobs,
        public array $waiting,
        public array $rechecks,
        public array $handedBack,
        public array $ribbon,
        public bool $givesKeys,
        public ?BackupLine $backup,
    ) {
    }

    /**
     * @param  bool  $givesKeys whether who looks gives instruments their keys
     * @param  BackupLine|null  $backup for who answers for it
     */
    public static function of(
        Bench $bench,
        Families $families,
        DateTimeInterface $now,
        bool $givesKeys = false,
        ?BackupLine $backup = null,
    ): self {
        $jobs = array_map(static fn (Job $job): BoardJob => BoardJob::of($job, $now), $bench->open);
        $waits = static fn (BoardJob $j): bool => $j->wait->for !== '';
        $hands = array_filter($bench->open, static fn (Job $j): bool => $j->waits_for === '');
        $open = $bench->openInAll === 1 ? 'One job' : "{$bench->openInAll} jobs";
        $shown = $bench->openInAll > count($jobs) ? ', '.count($jobs).' shown' : '';

        return new self(
            title: 'Bench board',
            today: "{$now->format('l, F j')}. {$open} open{$shown}.",
            handWork: self::time((int) array_sum(array_column($hands, 'next_minutes'))),
            jobs: array_values(array_filter($jobs, static fn (BoardJob $j): bool => ! $waits($j))),
            waiting: array_values(array_filter($jobs, $waits)),
            rechecks: array_values(array_filter($jobs, static fn (BoardJob $j): bool => $j->stale !== '')),
            handedBack: array_map(BackJob::of(...), $bench->handedBack),
            ribbon: array_map(static fn (Entry $e): BoardLine => BoardLine::of($e, $families), $bench->entries),
            givesKeys: $givesKeys,
            backup: $backup,
        );
    }

    private static function time(int $minutes): string
    {
        return $minutes >= 60 ? intdiv($minutes, 60).' h '.($minutes % 60).' min' : "{$minutes} min";
    }
}

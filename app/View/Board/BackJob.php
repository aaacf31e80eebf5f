<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\Job;
use App\View\Numbers;

/** A job that was handed back lately. */
final readonly class BackJob
{
    private function __construct(
        public string $number,
        public string $machine,
        public string $handedBack,
        public string $reportHref,
    ) {
    }

    public static function of(Job $job): self
    {
        $at = $job->handed_back_at === null ? '' : Numbers::moment($job->handed_back_at);

        return new self($job->number, $job->machine, $at, route('report.show', $job));
    }
}

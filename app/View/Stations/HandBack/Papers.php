<?php

declare(strict_types=1);

namespace App\View\Stations\HandBack;

use App\Models\Job;

/** Where a job's papers are. */
final readonly class Papers
{
    private function __construct(public string $report, public string $pdf, public string $file)
    {
    }

    public static function of(Job $job): self
    {
        return new self(route('report.show', $job), route('report.pdf', $job), route('job-files.show', $job));
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Log\LogLine;
use App\View\Sheet\EntryForm;
use DustyJet\Worksheet\Worksheet;

/** The whole bench log of one job. */
final readonly class LogPage
{
    /** @param  list<LogLine>  $lines newest first */
    private function __construct(
        public string $title,
        public string $number,
        public string $machine,
        public string $sheetHref,
        public array $lines,
        public EntryForm $form,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        return new self(
            title: "{$job->number} Bench log",
            number: $job->number,
            machine: $job->machine,
            sheetHref: route('stations.show', [$job, $job->station]),
            lines: LogLine::all($sheet),
            form: new EntryForm(route('jobs.show', $job), $sheet->log->length(), 'log'),
        );
    }
}

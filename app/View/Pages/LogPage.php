<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Log\LogLine;
use App\View\Sheet\EntryForm;
use DustyJet\Worksheet\Worksheet;

/** The bench log of one job, a page of it. */
final readonly class LogPage
{
    private const A_PAGE = 100;

    /**
     * @param  list<LogLine>  $lines newest first
     * @param  string|null  $olderHref null where there are none
     */
    private function __construct(
        public string $title,
        public string $number,
        public string $machine,
        public string $sheetHref,
        public array $lines,
        public EntryForm $form,
        public ?string $olderHref,
    ) {
    }

    /** @param  int|null  $before only entries with a lower number; null for the latest */
    public static function of(Job $job, Worksheet $sheet, ?int $before = null): self
    {
        $lines = LogLine::latest($sheet, self::A_PAGE, $before);
        $oldest = $lines === [] ? 1 : $lines[count($lines) - 1]->entry->seq;

        return new self(
            title: "{$job->number} Bench log",
            number: $job->number,
            machine: $job->machine,
            sheetHref: route('stations.show', [$job, $job->station]),
            lines: $lines,
            form: new EntryForm(route('jobs.show', $job), $sheet->log->length(), 'log'),
            olderHref: $oldest > 1 ? route('log.index', [$job, 'before' => $oldest]) : null,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use DustyJet\Worksheet\Worksheet;

/** The whole bench log of one job. */
final readonly class LogPage
{
    /** @param  list<LogLine>  $lines newest first */
    private function __construct(public string $title, public string $number, public string $machine, public string $sheetHref, public array $lines, public EntryForm $form)
    {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        return new self("{$job->number} Bench log", $job->number, $job->machine, route('stations.show', [$job, $job->station]), LogLine::all($sheet), new EntryForm($job, $sheet->log->length(), 'log'));
    }
}

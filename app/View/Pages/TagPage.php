<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\Models\ReportLink;
use App\Models\Shop;
use DustyJet\Worksheet\Worksheet;

/** The tag that hangs on a machine: whose it is, what it does, and a code that leads to its papers. */
final readonly class TagPage
{
    /** @param  string  $code the address in its code: the customer's report where a link was made, else the sheet */
    private function __construct(
        public string $title,
        public string $shop,
        public string $number,
        public string $machine,
        public string $about,
        public string $complaint,
        public string $promised,
        public string $code,
        public string $codeSays,
        public string $backHref,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        $link = ReportLink::liveOf($job);
        $intake = $sheet->intake;

        return new self(
            title: "{$job->number} Tag",
            shop: Shop::name(),
            number: $job->number,
            machine: $intake->machine ?? $job->machine,
            about: implode(', ', array_filter([$intake->engine ?? '', $intake->serial ?? '', $intake->customer ?? ''])),
            complaint: ucfirst($intake->complaint ?? $job->complaint),
            promised: $job->promised_at?->format('F j, Y') ?? 'no date',
            code: $link === null ? route('jobs.show', $job) : route('report-links.show', $link->token),
            codeSays: $link === null ? 'The bench sheet, for the shop' : 'Your report, to read until '.$link->expires_at->format('F j'),
            backHref: route('report.show', $job),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\View\Report;

use App\Models\Job;
use App\Models\ReportLink;

/** The link at which the customer reads a report, where there is one. */
final readonly class ReportShare
{
    private function __construct(
        public string $address,
        public string $expires,
        public string $makeHref,
        public string $revokeHref,
        public string $tagHref,
    ) {
    }

    public static function of(Job $job): self
    {
        $link = ReportLink::liveOf($job);

        return new self(
            $link === null ? '' : route('report-links.show', $link->token),
            $link === null ? '' : $link->expires_at->format('F j, Y'),
            route('report-links.store', $job),
            $link === null ? '' : route('report-links.destroy', [$job, $link]),
            route('tag.show', $job),
        );
    }
}

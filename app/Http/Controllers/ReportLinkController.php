<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PdfResponse;
use App\Models\Job;
use App\Models\Person;
use App\Models\ReportLink;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use DustyJet\Carburetor\Families;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class ReportLinkController
{
    use PrintsReports;

    public function store(Job $job, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('share', $job);
        ReportLink::for($job, $by);
        SecurityEvent::note(SecurityEventKind::ReportShared, $by, $job->number);

        return redirect()->route('report.show', $job, 303);
    }

    public function destroy(Job $job, ReportLink $link, #[CurrentUser] Person $by): RedirectResponse
    {
        Gate::authorize('share', $job);
        $link->revoke();
        SecurityEvent::note(SecurityEventKind::ReportLinkRevoked, $by, $job->number);

        return redirect()->route('report.show', $job, 303);
    }

    /** To whoever has the link: the report on paper, and nothing else. What is unknown, too old or taken back is not there. */
    public function show(string $token, Families $families, Catalogue $catalogue): PdfResponse
    {
        $link = ReportLink::opening($token) ?? abort(404, 'This link is not known, too old, or was taken back: ask the shop.');
        Gate::authorize('open', $link);

        return self::printed($link->job, $families, $catalogue);
    }
}

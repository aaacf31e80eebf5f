<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\View\Pages\TagPage;
use DustyJet\Carburetor\Families;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;

final readonly class JobTagController
{
    public function show(Job $job, Families $families): View
    {
        Gate::authorize('view', $job);

        return view('reports.tag', ['page' => TagPage::of($job, $job->worksheet($families))]);
    }
}

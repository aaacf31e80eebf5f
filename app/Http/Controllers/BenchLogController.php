<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageResponse;
use App\Models\Job;
use App\View\Pages\LogPage;
use DustyJet\Carburetor\Families;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class BenchLogController
{
    /** How long the log is by now, for who decided again after a refusal. */
    public function length(Job $job): JsonResponse
    {
        Gate::authorize('view', $job);

        return response()->json(['length' => $job->log_length]);
    }

    public function index(Request $request, Job $job, Families $families): PageResponse
    {
        Gate::authorize('view', $job);

        $before = $request->integer('before');
        $page = LogPage::of($job, $job->worksheet($families), $before > 0 ? $before : null);

        return new PageResponse('log.index', $page, 'job');
    }
}

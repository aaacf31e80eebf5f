<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EndLiveRun;
use App\Actions\OpenLiveRun;
use App\Http\Requests\ShowLiveRunRequest;
use App\Http\Requests\StoreLiveRunRequest;
use App\Models\Job;
use App\Models\LiveRun;
use App\Models\Person;
use App\View\Stations\BenchTest\LiveReading;
use App\View\Stations\Run\LiveSpeed;
use DustyJet\Carburetor\Families;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;

final readonly class LiveRunController
{
    public function store(
        StoreLiveRunRequest $request,
        Job $job,
        #[CurrentUser] Person $by,
        OpenLiveRun $open,
    ): RedirectResponse {
        $run = $open($job, $by, $request->instrument(), $request->setup());

        return redirect()->to($run->page(), 303);
    }

    /** Asked four times a second: what came since, and how far it is. */
    public function show(ShowLiveRunRequest $request, Job $job, LiveRun $run, Families $families): JsonResponse
    {
        Gate::authorize('view', $job);
        $new = $run->samples($request->newerThan(), ShowLiveRunRequest::MOST);

        $card = $families->of($job->family)->card;

        return new JsonResponse($run->isAtRun()
            ? LiveSpeed::of($run, $new, $card)
            : LiveReading::of($run, $new, $run->hold(), $card, Date::now()));
    }

    public function destroy(Job $job, LiveRun $run, EndLiveRun $end): RedirectResponse
    {
        Gate::authorize('append', $job);
        $end($run);

        return redirect()->to($run->page(), 303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShowMachinesRequest;
use App\Models\Job;
use App\View\Pages\MachinesPage;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;

final readonly class MachineController
{
    public function index(ShowMachinesRequest $request): View
    {
        Gate::authorize('create', Job::class);

        return view('jobs.machines', ['page' => MachinesPage::of($request->known(), $request->family(), Date::now())]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\View\Pages\MachinesPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class MachineController
{
    public function index(Request $request): View
    {
        Gate::authorize('create', Job::class);

        return view('jobs.machines', ['page' => MachinesPage::of($request->string('machine')->trim()->limit(60, '')->toString())]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Whether the sheets of a person explain more. */
final readonly class CoachController
{
    public function update(#[CurrentUser] Person $person): RedirectResponse
    {
        Gate::authorize('viewAny', Job::class);
        $person->update(['coached' => ! $person->coached]);

        return back(303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageBefore;
use App\Models\Job;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Whether the sheets of a person explain more. */
final readonly class CoachController
{
    public function update(Request $request, #[CurrentUser] Person $person): RedirectResponse
    {
        Gate::authorize('viewAny', Job::class);
        $person->update(['coached' => ! $person->coached]);

        return redirect()->to(PageBefore::of($request), 303);
    }
}

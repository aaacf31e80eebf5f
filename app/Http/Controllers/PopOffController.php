<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendEntry;
use App\Http\Requests\StorePopOffRequest;
use App\Models\Job;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final readonly class PopOffController
{
    public function store(
        StorePopOffRequest $request,
        Job $job,
        #[CurrentUser] Person $by,
        AppendEntry $append,
    ): RedirectResponse {
        $append($job, $by, $request->clientId(), $request->draft(), $request->seen());

        return redirect()->route('stations.show', [$job, 'bench-test', 'look' => 'pop_off'], 303);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageResponse;
use App\Models\Bench;
use App\Models\Instrument;
use App\Models\Job;
use App\View\Pages\BoardPage;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;

final readonly class BoardController
{
    public function __invoke(): PageResponse
    {
        Gate::authorize('viewAny', Job::class);

        return new PageResponse('board.index', BoardPage::of(Bench::now(), Date::now(), Gate::allows('viewAny', Instrument::class)), 'board');
    }
}

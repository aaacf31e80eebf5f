<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageResponse;
use App\Models\Bench;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Shop;
use App\View\Board\BackupLine;
use App\View\Pages\BoardPage;
use DustyJet\Carburetor\Families;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;

final readonly class BoardController
{
    public function __invoke(Families $families): PageResponse
    {
        Gate::authorize('viewAny', Job::class);

        $isOwner = Gate::allows('viewAny', Instrument::class);
        $backup = $isOwner && ! Shop::isDemo() ? BackupLine::of(Shop::lastBackup(), Date::now()) : null;

        $page = BoardPage::of(Bench::now(), $families, Date::now(), $isOwner, $backup);

        return new PageResponse('board.index', $page, 'board');
    }
}

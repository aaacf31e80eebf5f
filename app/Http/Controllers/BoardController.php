<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\KeptPages;
use App\Http\Responses\PageResponse;
use App\Models\Bench;
use App\Models\BoardStamp;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Person;
use App\Models\Shop;
use App\View\Board\BackupLine;
use App\View\Pages\BoardPage;
use DustyJet\Carburetor\Families;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;

final readonly class BoardController
{
    public function __invoke(Request $request, #[CurrentUser] Person $by, KeptPages $pages): Response
    {
        Gate::authorize('viewAny', Job::class);

        $isOwner = Gate::allows('viewAny', Instrument::class);
        $backup = $isOwner && ! Shop::isDemo() ? BackupLine::of(Shop::lastBackup(), Date::now()) : null;
        // What the board is printed with is made only when one is.
        $print = static fn (): PageResponse => new PageResponse(
            'board.index',
            BoardPage::of(Bench::now(), resolve(Families::class), Date::now(), $isOwner, $backup),
            'board',
        );
        $stamp = $pages->mayKeep($request) ? BoardStamp::of($by, $backup->said ?? '') : null;

        return $stamp === null ? $print()->toResponse($request) : $pages->answer($request, $by, $stamp->what, $print);
    }
}

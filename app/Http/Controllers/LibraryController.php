<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShowLibraryRequest;
use App\Models\Job;
use App\View\Pages\FamilySheetPage;
use App\View\Pages\LibraryPage;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Guide;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;

final readonly class LibraryController
{
    public function index(ShowLibraryRequest $request, Catalogue $catalogue, Guide $guide): View
    {
        Gate::authorize('viewAny', Job::class);

        return view('library.index', ['page' => LibraryPage::of($catalogue, $guide, $request->chosen())]);
    }

    public function show(ShowLibraryRequest $request, string $family, Catalogue $catalogue, Families $families): View
    {
        Gate::authorize('viewAny', Job::class);
        $kind = $catalogue->families[$family] ?? abort(404);

        return view('library.show', [
            'page' => FamilySheetPage::of($catalogue, $kind, $families->of($kind->id), $request->variant()),
        ]);
    }
}

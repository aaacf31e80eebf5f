<?php

declare(strict_types=1);

use App\Http\Controllers\BenchLogController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CoachController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\HoldTestController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JobTagController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\LiveRunController;
use App\Http\Controllers\MachineController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PopOffController;
use App\Http\Controllers\ReportController;
use App\Http\Controllers\ReportLinkController;
use App\Http\Controllers\ReportPdfController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\StandInController;
use App\Http\Controllers\StationController;
use Illuminate\Support\Facades\Route;

// Who was given a link to a report has no account here.
Route::get('r/{token}', [ReportLinkController::class, 'show'])
    ->where('token', '[A-Za-z0-9_-]{32}')->middleware('throttle:report-links')->name('report-links.show');

Route::middleware('guest')->group(function (): void {
    Route::get('sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in')->name('sign-in.store');
});

Route::middleware('auth')->group(function (): void {
    Route::get('session', [SessionController::class, 'show'])->name('session.show');
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::post('coach', [CoachController::class, 'update'])->name('coach.update');
    Route::get('me', [MeController::class, 'show'])->name('me');
    Route::put('me/password', [PasswordController::class, 'update'])->middleware('throttle:password')->name('me.password');
    Route::put('me/pin', [PasswordController::class, 'pin'])->middleware('throttle:password')->name('me.pin');
    Route::post('switch', [MeController::class, 'switch'])->middleware('throttle:password')->name('switch');
    Route::delete('sign-ins/{signIn}', [MeController::class, 'end'])->whereUuid('signIn')->name('sign-ins.destroy');
    Route::get('people', [PersonController::class, 'index'])->name('people.index');
    Route::get('people/events', [PersonController::class, 'events'])->name('people.events');
    Route::post('people', [PersonController::class, 'store'])->name('people.store');
    Route::put('people/{person}', [PersonController::class, 'update'])->whereNumber('person')->name('people.update');
    Route::put('people/{person}/password', [PasswordController::class, 'reset'])->whereNumber('person')->name('people.password');
    Route::post('people/{person}/return', [PersonController::class, 'restore'])->whereNumber('person')->name('people.return');
    Route::delete('people/{person}', [PersonController::class, 'destroy'])->whereNumber('person')->name('people.destroy');
    Route::get('/', BoardController::class)->name('board');
    Route::get('library', [LibraryController::class, 'index'])->name('library.index');
    Route::get('library/{family}', [LibraryController::class, 'show'])->name('library.show');
    Route::get('machines', [MachineController::class, 'index'])->name('machines.index');
    Route::get('jobs/create', [JobController::class, 'create'])->name('jobs.create');
    Route::post('jobs', [JobController::class, 'store'])->name('jobs.store');
    Route::post('job-files', [JobFileController::class, 'store'])->name('job-files.store');
    Route::get('jobs/{job}/file', [JobFileController::class, 'show'])->name('job-files.show');
    Route::get('jobs/{job}/log', [BenchLogController::class, 'index'])->name('log.index');
    Route::get('jobs/{job}/length', [BenchLogController::class, 'length'])->name('log.length');
    Route::get('jobs/{job}/report', [ReportController::class, 'show'])->name('report.show');
    Route::get('jobs/{job}/report.pdf', [ReportPdfController::class, 'show'])->name('report.pdf');
    Route::get('jobs/{job}/tag', [JobTagController::class, 'show'])->name('tag.show');
    Route::post('jobs/{job}/report-links', [ReportLinkController::class, 'store'])->name('report-links.store');
    Route::delete('jobs/{job}/report-links/{link}', [ReportLinkController::class, 'destroy'])
        ->whereUuid('link')->scopeBindings()->name('report-links.destroy');
    Route::post('jobs/{job}/hold-tests', [HoldTestController::class, 'store'])->name('hold-tests.store');
    Route::post('jobs/{job}/pop-offs', [PopOffController::class, 'store'])->name('pop-offs.store');
    Route::post('jobs/{job}/live', [LiveRunController::class, 'store'])->name('live.store');
    Route::put('jobs/{job}/stand-ins/{run}', [StandInController::class, 'update'])->whereUuid('run')->scopeBindings()->name('stand-ins.update');
    Route::post('jobs/{job}/stand-ins', [StandInController::class, 'store'])->name('stand-ins.store');
    Route::get('jobs/{job}/live/{run}', [LiveRunController::class, 'show'])->whereUuid('run')->scopeBindings()->name('live.show');
    Route::delete('jobs/{job}/live/{run}', [LiveRunController::class, 'destroy'])->whereUuid('run')->scopeBindings()->name('live.destroy');
    Route::get('instruments', [InstrumentController::class, 'index'])->name('instruments.index');
    Route::post('instruments', [InstrumentController::class, 'store'])->name('instruments.store');
    Route::put('instruments/{instrument}', [InstrumentController::class, 'update'])->whereUuid('instrument')->name('instruments.update');
    Route::delete('instruments/{instrument}', [InstrumentController::class, 'destroy'])->whereUuid('instrument')->name('instruments.destroy');
    Route::post('jobs/{job}/photos', [PhotoController::class, 'store'])->name('photos.store');
    Route::get('jobs/{job}/photos/{photo}', [PhotoController::class, 'show'])->whereUuid('photo')->name('photos.show');
    Route::post('jobs/{job}/entries/{kind}', [EntryController::class, 'store'])->name('entries.store');
    Route::get('jobs/{job}', [JobController::class, 'show'])->name('jobs.show');
    Route::get('jobs/{job}/{station}', [StationController::class, 'show'])->name('stations.show');
});

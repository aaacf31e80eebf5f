<?php

declare(strict_types=1);

use App\Http\Controllers\SampleController;
use Illuminate\Support\Facades\Route;

// What instruments speak to: docs/formats/instruments.md. No session, no cookie: a key.
Route::get('instruments/setting', [SampleController::class, 'show'])->name('setting.show');
Route::post('instruments/samples', [SampleController::class, 'store'])->name('samples.store');

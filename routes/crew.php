<?php

declare(strict_types=1);

use App\Http\Controllers\Crew\FiguresController;
use App\Http\Controllers\Crew\HabitsController;
use App\Http\Controllers\Crew\LatelyController;
use App\Http\Controllers\Crew\SignInController;
use App\Http\Controllers\Crew\TimeZoneController;
use App\Models\Box;
use App\Models\Lot;
use Illuminate\Support\Facades\Route;

Route::post('sign-out', [SignInController::class, 'destroy'])->name('sign-out');
Route::get('lately', [LatelyController::class, 'show'])->name('lately')->can('viewAny', Box::class);
Route::post('deeds/{deed}/undo', [LatelyController::class, 'undo'])->name('deeds.undo')->can('create', Box::class);
Route::put('figures', FiguresController::class)->name('figures')->can('create', Lot::class);
Route::get('time-zone', [TimeZoneController::class, 'show'])->name('time-zone')->can('create', Lot::class);
Route::put('time-zone', [TimeZoneController::class, 'update'])->can('create', Lot::class);
Route::put('habits', HabitsController::class)->name('habits')->can('create', Box::class);

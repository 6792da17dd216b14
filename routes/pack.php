<?php

declare(strict_types=1);

use App\Http\Controllers\Pack\ClosingController;
use App\Http\Controllers\Pack\PackController;
use App\Http\Controllers\Pack\PrepareController;
use App\Http\Controllers\Pack\TaskController;
use App\Models\Box;
use Illuminate\Support\Facades\Route;

Route::put('pieces/{piece}/tasks/{task}', [TaskController::class, 'piece'])
    ->name('tasks.piece')
    ->can('update', 'piece');
Route::put('boxes/{box}/tasks/{task}', [TaskController::class, 'box'])->name('tasks.box')->can('update', 'box');
Route::get('boxes/{box}/prepare', [PrepareController::class, 'box'])->name('boxes.prepare')->can('view', 'box');
Route::get('pack/evening', [PrepareController::class, 'evening'])->name('evening')->can('viewAny', Box::class);
Route::put('pack/evening/{task}', [TaskController::class, 'several'])->name('evening.all')->can('create', Box::class);
Route::get('boxes/{box}/closing', [ClosingController::class, 'show'])->name('boxes.closing')->can('view', 'box');
Route::put('boxes/{box}/closing/{tick}', [ClosingController::class, 'tick'])->name('boxes.tick')->can('update', 'box');
Route::get('pack', PackController::class)->name('pack')->can('viewAny', Box::class);

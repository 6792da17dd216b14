<?php

declare(strict_types=1);

use App\Http\Controllers\Pack\BenchController;
use App\Http\Controllers\Pack\ClosingController;
use App\Http\Controllers\Pack\DayController;
use App\Http\Controllers\Pack\LearnedController;
use App\Http\Controllers\Pack\PackController;
use App\Http\Controllers\Pack\PhotoController;
use App\Http\Controllers\Pack\PracticeController;
use App\Http\Controllers\Pack\PrepareController;
use App\Http\Controllers\Pack\RollCallController;
use App\Http\Controllers\Pack\TaskController;
use App\Models\Box;
use App\Models\Learned;
use Illuminate\Support\Facades\Route;

Route::put('pieces/{piece}/tasks/{task}', [TaskController::class, 'piece'])
    ->name('tasks.piece')
    ->can('update', 'piece');
Route::put('pieces/{piece}/work', [TaskController::class, 'work'])->name('tasks.work')->can('update', 'piece');
Route::put('boxes/{box}/tasks/{task}', [TaskController::class, 'box'])->name('tasks.box')->can('update', 'box');
Route::get('boxes/{box}/prepare', [PrepareController::class, 'box'])->name('boxes.prepare')->can('view', 'box');
Route::get('pack/evening', [PrepareController::class, 'evening'])->name('evening')->can('viewAny', Box::class);
Route::put('pack/evening/{task}', [TaskController::class, 'several'])->name('evening.all')->can('create', Box::class);
Route::get('boxes/{box}/closing', [ClosingController::class, 'show'])->name('boxes.closing')->can('view', 'box');
Route::put('boxes/{box}/closing/{tick}', [ClosingController::class, 'tick'])->name('boxes.tick')->can('update', 'box');
Route::get('boxes/{box}/bench', [BenchController::class, 'show'])->name('bench')->can('view', 'box');
Route::post('boxes/{box}/bench', [BenchController::class, 'begin'])->name('bench.begin')->can('update', 'box');
Route::get('boxes/{box}/layout', [BenchController::class, 'layout'])->name('bench.layout')->can('view', 'box');
Route::get('boxes/{box}/photo', [PhotoController::class, 'show'])->name('boxes.photo')->can('view', 'box');
Route::post('boxes/{box}/photo', [PhotoController::class, 'store'])->name('boxes.photo.store')->can('update', 'box');
Route::delete('boxes/{box}/photo', [PhotoController::class, 'destroy'])
    ->name('boxes.photo.destroy')
    ->can('update', 'box');
Route::post('boxes/{box}/bench/presses', [BenchController::class, 'press'])
    ->name('bench.press')
    ->can('update', 'box');
Route::post('boxes/{box}/bench/ways', [BenchController::class, 'goOn'])->name('bench.go-on')->can('update', 'box');
Route::put('boxes/{box}/bench/closed', [BenchController::class, 'closed'])
    ->name('bench.closed')
    ->can('update', 'box');
Route::get('pack/day', [DayController::class, 'show'])->name('day')->can('viewAny', Box::class);
Route::post('pack/day/{box}', [DayController::class, 'sit'])->name('day.sit')->can('update', 'box');
Route::delete('pack/day/{box}', [DayController::class, 'leave'])->name('day.leave')->can('update', 'box');
Route::get('pack/roll-call', [RollCallController::class, 'show'])->name('roll-call')->can('viewAny', Box::class);
Route::put('pieces/{piece}/laid-out', [RollCallController::class, 'tick'])
    ->name('roll-call.tick')
    ->can('update', 'piece');
Route::post('pieces/{piece}/missing', [RollCallController::class, 'missing'])
    ->name('roll-call.missing')
    ->can('update', 'piece');
Route::put('pieces/{piece}/measured', [RollCallController::class, 'measured'])
    ->name('roll-call.measured')
    ->can('update', 'piece');
Route::post('pack/learned', [LearnedController::class, 'store'])->name('learned.store')->can('create', Learned::class);
Route::delete('pack/learned/{learned}', [LearnedController::class, 'destroy'])
    ->name('learned.destroy')
    ->can('delete', 'learned');
Route::get('pack/practice', [PracticeController::class, 'index'])->name('practice')->can('viewAny', Box::class);
Route::get('pack/practice/find', [PracticeController::class, 'find'])
    ->name('practice.find')
    ->can('viewAny', Box::class);
Route::get('pack/practice/pack', [PracticeController::class, 'pack'])
    ->name('practice.pack')
    ->can('viewAny', Box::class);
Route::get('pack', PackController::class)->name('pack')->can('viewAny', Box::class);

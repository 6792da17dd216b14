<?php

declare(strict_types=1);

use App\Http\Controllers\Guides\GuideController;
use App\Http\Controllers\Guides\GuideEditorController;
use App\Http\Middleware\Unasked;
use App\Models\CrewGuide;
use Illuminate\Support\Facades\Route;

Route::get('guides', [GuideController::class, 'index'])->name('guides')->can('viewAny', CrewGuide::class);
Route::put('guides', [GuideController::class, 'choose'])->name('guides.choose')->can('create', CrewGuide::class);
Route::post('guides/import', [GuideController::class, 'import'])
    ->name('guides.import')
    ->can('create', CrewGuide::class);
Route::get('guides/{id}', [GuideController::class, 'show'])->name('guides.show')->can('viewAny', CrewGuide::class);
Route::get('guides/{id}/guide.json', [GuideController::class, 'export'])
    ->name('guides.export')
    ->can('viewAny', CrewGuide::class);
Route::post('guides/{id}/copy', [GuideController::class, 'copy'])->name('guides.copy')->can('create', CrewGuide::class);
Route::get('guides/{guide}/edit', [GuideEditorController::class, 'edit'])->name('guides.edit')->can('update', 'guide');
Route::put('guides/{guide}', [GuideEditorController::class, 'update'])->name('guides.update')->can('update', 'guide');
Route::put('guides/{guide}/trial', [GuideEditorController::class, 'trial'])
    ->name('guides.trial')
    ->middleware(Unasked::class)
    ->can('update', 'guide');
Route::delete('guides/{guide}', [GuideEditorController::class, 'destroy'])
    ->name('guides.destroy')
    ->can('delete', 'guide');

<?php

declare(strict_types=1);

use App\Http\Controllers\Plan\AnswerController;
use App\Http\Controllers\Plan\BesideController;
use App\Http\Controllers\Plan\BoxChangeController;
use App\Http\Controllers\Plan\BoxController;
use App\Http\Controllers\Plan\BoxFileController;
use App\Http\Controllers\Plan\CheckSheetController;
use App\Http\Controllers\Plan\CompareController;
use App\Http\Controllers\Plan\FillingController;
use App\Http\Controllers\Plan\FindController;
use App\Http\Controllers\Plan\FitAnswersController;
use App\Http\Controllers\Plan\FitController;
use App\Http\Controllers\Plan\FitDrawingController;
use App\Http\Controllers\Plan\FitImproveController;
use App\Http\Controllers\Plan\FitSureController;
use App\Http\Controllers\Plan\IdeaController;
use App\Http\Controllers\Plan\LedgerController;
use App\Http\Controllers\Plan\LikeController;
use App\Http\Controllers\Plan\MoveBoxController;
use App\Http\Controllers\Plan\NextBoxController;
use App\Http\Controllers\Plan\OnShelfController;
use App\Http\Controllers\Plan\PackingWishController;
use App\Http\Controllers\Plan\PacksController;
use App\Http\Controllers\Plan\PieceController;
use App\Http\Controllers\Plan\PieceMoreController;
use App\Http\Controllers\Plan\ShelfController;
use App\Http\Controllers\Plan\StashMakesController;
use App\Http\Controllers\Plan\ThemeController;
use App\Http\Controllers\Plan\ThingController;
use App\Http\Middleware\Unasked;
use App\Models\Box;
use App\Models\Idea;
use Illuminate\Support\Facades\Route;

Route::get('find', FindController::class)->name('find');
Route::post('box-changes/{change}/undo', BoxChangeController::class)->name('box-changes.undo')->can('update', 'change');
Route::get('boxes/from-stash', StashMakesController::class)->name('stash-makes')->can('viewAny', Box::class);
Route::get('boxes/beside', [BesideController::class, 'show'])->name('boxes.beside')->can('viewAny', Box::class);
Route::post('boxes/beside', [BesideController::class, 'put'])->name('boxes.beside.put')->can('viewAny', Box::class);
Route::delete('boxes/beside', [BesideController::class, 'takeOut'])
    ->name('boxes.beside.take-out')
    ->can('viewAny', Box::class);
Route::post('boxes/beside/like', [BesideController::class, 'likeFirst'])
    ->name('boxes.beside.like')
    ->can('viewAny', Box::class);
Route::get('boxes/next', [NextBoxController::class, 'index'])->name('next-box')->can('viewAny', Box::class);
Route::post('pieces/{piece}/leave', [NextBoxController::class, 'store'])
    ->name('pieces.leave')
    ->can('delete', 'piece');
Route::delete('boxes/next/{left}', [NextBoxController::class, 'destroy'])
    ->name('next-box.destroy')
    ->can('delete', 'left');
Route::get('boxes', [ShelfController::class, 'show'])->name('shelf')->can('viewAny', Box::class);
Route::get('boxes/handed-in', [ShelfController::class, 'handedIn'])
    ->name('shelf.handed-in')
    ->middleware(Unasked::class)
    ->can('viewAny', Box::class);
Route::get('boxes/new', [BoxController::class, 'create'])->name('boxes.create')->can('create', Box::class);
Route::post('boxes', [BoxController::class, 'store'])->name('boxes.store')->can('create', Box::class);
Route::post('boxes/import', [BoxFileController::class, 'import'])->name('boxes.import')->can('create', Box::class);
Route::get('boxes/{box}/box.json', [BoxFileController::class, 'export'])->name('boxes.export')->can('view', 'box');
Route::get('boxes/{box}', [BoxController::class, 'show'])->name('boxes.show')->can('view', 'box');
Route::get('boxes/{box}/on-shelf', OnShelfController::class)
    ->name('boxes.on-shelf')
    ->middleware(Unasked::class)
    ->can('view', 'box');
Route::get('boxes/{box}/edit', [BoxController::class, 'edit'])->name('boxes.edit')->can('update', 'box');
Route::put('boxes/{box}', [BoxController::class, 'update'])->name('boxes.update')->can('update', 'box');
Route::delete('boxes/{box}', [BoxController::class, 'destroy'])->name('boxes.destroy')->can('delete', 'box');
Route::get('boxes/{box}/ledger', [LedgerController::class, 'show'])->name('boxes.ledger')->can('view', 'box');
Route::get('boxes/{box}/ledger.csv', [LedgerController::class, 'export'])->name('export.ledger')->can('view', 'box');
Route::get('boxes/{box}/check-sheet', CheckSheetController::class)->name('boxes.check-sheet')->can('view', 'box');
Route::put('boxes/{box}/stage', MoveBoxController::class)->name('boxes.move')->can('update', 'box');
Route::post('boxes/{box}/take-back', [MoveBoxController::class, 'takeBack'])
    ->name('boxes.take-back')
    ->can('update', 'box');
Route::get('boxes/{box}/record.json', [BoxFileController::class, 'record'])->name('boxes.record')->can('view', 'box');
Route::post('boxes/{box}/pieces', [PieceController::class, 'store'])->name('pieces.store')->can('update', 'box');
Route::post('boxes/{box}/from-guide', [PieceController::class, 'storeFromGuide'])
    ->name('pieces.from-guide')
    ->can('update', 'box');
Route::post('boxes/{box}/things', ThingController::class)->name('things.store')->can('update', 'box');
Route::patch('pieces/{piece}', [PieceController::class, 'update'])->name('pieces.update')->can('update', 'piece');
Route::get('pieces/{piece}/more', PieceMoreController::class)
    ->name('pieces.more')
    ->middleware(Unasked::class)
    ->can('update', 'piece');
Route::put('pieces/{piece}/into', [PieceController::class, 'into'])->name('pieces.into')->can('update', 'piece');
Route::put('pieces/{piece}/counts-as', [PieceController::class, 'countsAs'])
    ->name('pieces.counts-as')
    ->can('update', 'piece');
Route::put('pieces/{piece}/packing', [PackingWishController::class, 'update'])
    ->name('pieces.packing')
    ->can('update', 'piece');
Route::delete('boxes/{box}/packing', [PackingWishController::class, 'destroy'])
    ->name('boxes.packing')
    ->can('update', 'box');
Route::delete('pieces/{piece}', [PieceController::class, 'destroy'])->name('pieces.destroy')->can('delete', 'piece');
Route::post('boxes/{box}/answers', [AnswerController::class, 'store'])->name('answers.store')->can('update', 'box');
Route::delete('boxes/{box}/answers', [AnswerController::class, 'destroy'])
    ->name('answers.destroy')
    ->can('update', 'box');
Route::get('boxes/{box}/fit', FitController::class)->name('boxes.fit')->can('view', 'box');
Route::get('boxes/{box}/fit.svg', FitDrawingController::class)->name('boxes.fit-drawing')->can('view', 'box');
Route::post('boxes/{box}/fit/improve', FitImproveController::class)
    ->name('boxes.fit-improve')
    ->middleware(Unasked::class)
    ->can('view', 'box');
Route::post('boxes/{box}/fit/sure', FitSureController::class)
    ->name('boxes.fit-sure')
    ->middleware(Unasked::class)
    ->can('view', 'box');
Route::get('boxes/{box}/fit/answers', [FitAnswersController::class, 'show'])
    ->name('boxes.fit-answers')
    ->middleware(Unasked::class)
    ->can('view', 'box');
Route::post('boxes/{box}/fit/leave-out', [FitAnswersController::class, 'leaveOut'])
    ->name('boxes.leave-out')
    ->can('update', 'box');
Route::put('boxes/{box}/fit/kind', [FitAnswersController::class, 'kind'])->name('boxes.fit-kind')->can('update', 'box');
Route::put('boxes/{box}/fit/school', [FitAnswersController::class, 'school'])
    ->name('boxes.fit-school')
    ->can('update', 'box');
Route::post('pieces/{piece}/swap', [FitAnswersController::class, 'swap'])->name('pieces.swap')->can('update', 'piece');
Route::get('boxes/{box}/compare', [CompareController::class, 'show'])->name('boxes.compare')->can('view', 'box');
Route::put('boxes/{box}/guide', [CompareController::class, 'adopt'])->name('boxes.adopt')->can('update', 'box');
Route::get('boxes/{box}/theme', [ThemeController::class, 'show'])->name('boxes.theme')->can('view', 'box');
Route::put('boxes/{box}/theme', [ThemeController::class, 'update'])->name('boxes.theme.keep')->can('update', 'box');
Route::post('boxes/{box}/theme/pieces', [ThemeController::class, 'pick'])
    ->name('boxes.theme.pick')
    ->can('update', 'box');
Route::put('pieces/{piece}/off-theme', [ThemeController::class, 'keep'])->name('pieces.off-theme')
    ->can('update', 'piece');
Route::get('boxes/{box}/fill', [FillingController::class, 'show'])->name('boxes.fill')->can('view', 'box');
Route::post('boxes/{box}/fill', [FillingController::class, 'store'])->name('boxes.fill.take')->can('update', 'box');
Route::get('boxes/{box}/like', [LikeController::class, 'create'])->name('boxes.like')->can('view', 'box');
Route::post('boxes/{box}/like', [LikeController::class, 'store'])->name('boxes.like.plan')->can('view', 'box');
Route::get('boxes/{box}/packs', PacksController::class)->name('boxes.packs')->can('view', 'box');
Route::get('ideas', [IdeaController::class, 'index'])->name('ideas')->can('viewAny', Idea::class);
Route::get('ideas/new', [IdeaController::class, 'create'])->name('ideas.create')->can('create', Idea::class);
Route::post('ideas', [IdeaController::class, 'store'])->name('ideas.store')->can('create', Idea::class);
Route::get('ideas/{idea}', [IdeaController::class, 'show'])->name('ideas.show')->can('view', 'idea');
Route::put('ideas/{idea}', [IdeaController::class, 'update'])->name('ideas.update')->can('update', 'idea');
Route::delete('ideas/{idea}', [IdeaController::class, 'destroy'])->name('ideas.destroy')->can('delete', 'idea');
Route::post('ideas/{idea}/things', [IdeaController::class, 'hold'])->name('ideas.hold')->can('update', 'idea');
Route::delete('ideas/{idea}/things', [IdeaController::class, 'letGo'])->name('ideas.let-go')->can('update', 'idea');

<?php

declare(strict_types=1);

use App\Http\Controllers\AnswerController;
use App\Http\Controllers\BoxChangeController;
use App\Http\Controllers\BoxController;
use App\Http\Controllers\BoxFileController;
use App\Http\Controllers\CheckSheetController;
use App\Http\Controllers\ClosingController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FiguresController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FitAnswersController;
use App\Http\Controllers\FitController;
use App\Http\Controllers\FitDrawingController;
use App\Http\Controllers\FitImproveController;
use App\Http\Controllers\FitSureController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\GuideEditorController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\LotLifeController;
use App\Http\Controllers\MoneyController;
use App\Http\Controllers\MoveBoxController;
use App\Http\Controllers\OpenDemoController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\PieceController;
use App\Http\Controllers\PocketController;
use App\Http\Controllers\PrepareController;
use App\Http\Controllers\PriceDeskController;
use App\Http\Controllers\QuickEntryController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\SchemeController;
use App\Http\Controllers\SchoolsController;
use App\Http\Controllers\SendController;
use App\Http\Controllers\SeveralLotsController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShoppingController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StashController;
use App\Http\Controllers\TaskController;
use App\Http\Controllers\ThingController;
use App\Http\Controllers\TimeZoneController;
use App\Http\Controllers\WaitingBoxesController;
use App\Http\Controllers\WelcomeController;
use App\Http\Middleware\Unasked;
use App\Models\Box;
use App\Models\CrewGuide;
use App\Models\Lot;
use App\Models\TargetPrice;
use Illuminate\Support\Facades\Route;

Route::post('scheme', SchemeController::class)->name('scheme');
Route::post('demo', OpenDemoController::class)->middleware('throttle:demo')->name('demo');

// Within the web group, so that a page that is not there still knows who is signed in.
Route::fallback(fn () => abort(404));

Route::middleware('guest')->group(function (): void {
    Route::get('/', WelcomeController::class)->name('welcome');
    Route::get('register', [RegisterController::class, 'create'])->name('register');
    Route::post('register', [RegisterController::class, 'store'])->middleware('throttle:register');
    Route::get('sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');
});

Route::middleware('auth')->group(function (): void {
    Route::post('sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::put('figures', FiguresController::class)->name('figures')->can('create', Lot::class);
    Route::get('time-zone', [TimeZoneController::class, 'show'])->name('time-zone')->can('create', Lot::class);
    Route::put('time-zone', [TimeZoneController::class, 'update'])->can('create', Lot::class);
    Route::get('find', FindController::class)->name('find');

    Route::get('gather', StashController::class)->name('gather')->can('viewAny', Lot::class);
    Route::get('gather/price-desk', [PriceDeskController::class, 'show'])->name('price-desk')->can('viewAny', Lot::class);
    Route::get('gather/pocket', [PocketController::class, 'show'])->name('pocket')->can('viewAny', Lot::class);
    Route::get('gather/pocket/token', [PocketController::class, 'token'])->name('pocket.token')->can('viewAny', Lot::class);
    Route::post('gather/pocket', [PocketController::class, 'later'])->name('pocket.later')->can('create', Lot::class);
    Route::post('gather/target', [PriceDeskController::class, 'target'])->name('target')->can('create', TargetPrice::class);
    Route::get('gather/money', [MoneyController::class, 'season'])->name('money')->can('viewAny', Lot::class);
    Route::put('gather/money', [MoneyController::class, 'budget'])->name('money.budget')->can('create', Lot::class);
    Route::get('gather/quick', [QuickEntryController::class, 'show'])->name('quick')->can('create', Lot::class);
    Route::post('gather/quick', [QuickEntryController::class, 'store'])->name('quick.store')->can('create', Lot::class);
    Route::get('gather/import', [ImportController::class, 'create'])->name('import')->can('create', Lot::class);
    Route::post('gather/import', [ImportController::class, 'store'])->name('import.store')->can('create', Lot::class);
    Route::get('gather/import/{import}', [ImportController::class, 'show'])->name('import.show')->can('create', Lot::class);
    Route::post('gather/import/{import}', [ImportController::class, 'keep'])->name('import.keep')->can('create', Lot::class);
    Route::post('gather/import/{import}/undo', [ImportController::class, 'undo'])->name('import.undo')->can('create', Lot::class);
    Route::delete('gather/import/{import}', [ImportController::class, 'destroy'])->name('import.destroy')->can('create', Lot::class);
    Route::get('gather/lots.csv', [ExportController::class, 'lots'])->name('export.lots')->can('viewAny', Lot::class);
    Route::get('gather/shopping.csv', [ExportController::class, 'shopping'])->name('export.shopping')->can('viewAny', Lot::class);
    Route::get('gather/shopping', [ShoppingController::class, 'show'])->name('shopping')->can('viewAny', Lot::class);
    Route::post('gather/shopping', [ShoppingController::class, 'got'])->name('shopping.got')->can('create', Lot::class);
    Route::post('gather/waiting', WaitingBoxesController::class)->name('waiting')->can('create', Box::class);
    Route::post('lots/several', SeveralLotsController::class)->name('lots.several')->can('create', Lot::class);
    Route::get('lots/new', [LotController::class, 'create'])->name('lots.create')->can('create', Lot::class);
    Route::post('lots', [LotController::class, 'store'])->name('lots.store')->can('create', Lot::class);
    Route::get('lots/{lot}', [LotController::class, 'edit'])->name('lots.edit')->can('view', 'lot');
    Route::put('lots/{lot}', [LotController::class, 'update'])->name('lots.update')->can('update', 'lot');
    Route::delete('lots/{lot}', [LotController::class, 'destroy'])->name('lots.destroy')->can('delete', 'lot');

    Route::post('lots/{lot}/arrive', [LotLifeController::class, 'arrive'])->name('lots.arrive')->can('update', 'lot');
    Route::post('lots/{lot}/lose', [LotLifeController::class, 'lose'])->name('lots.lose')->can('update', 'lot');
    Route::post('lots/{lot}/wrong', [LotLifeController::class, 'fault'])->name('lots.fault')->can('update', 'lot');
    Route::post('lots/{lot}/split', [LotLifeController::class, 'split'])->name('lots.split')->can('update', 'lot');
    Route::get('lots/{lot}/merge', [LotLifeController::class, 'together'])->name('lots.together')->can('update', 'lot');
    Route::post('lots/{lot}/merge', [LotLifeController::class, 'merge'])->name('lots.merge')->can('update', 'lot');
    Route::post('changes/{change}/undo', [LotLifeController::class, 'undo'])->name('changes.undo')->can('update', 'change');

    Route::post('box-changes/{change}/undo', BoxChangeController::class)->name('box-changes.undo')->can('update', 'change');
    Route::get('boxes', ShelfController::class)->name('shelf')->can('viewAny', Box::class);
    Route::get('boxes/new', [BoxController::class, 'create'])->name('boxes.create')->can('create', Box::class);
    Route::post('boxes', [BoxController::class, 'store'])->name('boxes.store')->can('create', Box::class);
    Route::post('boxes/import', [BoxFileController::class, 'import'])->name('boxes.import')->can('create', Box::class);
    Route::get('boxes/{box}/box.json', [BoxFileController::class, 'export'])->name('boxes.export')->can('view', 'box');
    Route::get('boxes/{box}', [BoxController::class, 'show'])->name('boxes.show')->can('view', 'box');
    Route::get('boxes/{box}/edit', [BoxController::class, 'edit'])->name('boxes.edit')->can('update', 'box');
    Route::put('boxes/{box}', [BoxController::class, 'update'])->name('boxes.update')->can('update', 'box');
    Route::delete('boxes/{box}', [BoxController::class, 'destroy'])->name('boxes.destroy')->can('delete', 'box');
    Route::get('boxes/{box}/ledger', [MoneyController::class, 'ledger'])->name('boxes.ledger')->can('view', 'box');
    Route::get('boxes/{box}/ledger.csv', [ExportController::class, 'ledger'])->name('export.ledger')->can('view', 'box');
    Route::get('boxes/{box}/check-sheet', CheckSheetController::class)->name('boxes.check-sheet')->can('view', 'box');
    Route::put('boxes/{box}/stage', MoveBoxController::class)->name('boxes.move')->can('update', 'box');
    Route::post('boxes/{box}/take-back', [MoveBoxController::class, 'takeBack'])->name('boxes.take-back')->can('update', 'box');
    Route::get('boxes/{box}/record.json', [BoxFileController::class, 'record'])->name('boxes.record')->can('view', 'box');
    Route::post('boxes/{box}/pieces', [PieceController::class, 'store'])->name('pieces.store')->can('update', 'box');
    Route::post('boxes/{box}/from-guide', [PieceController::class, 'storeFromGuide'])->name('pieces.from-guide')->can('update', 'box');
    Route::post('boxes/{box}/things', ThingController::class)->name('things.store')->can('update', 'box');
    Route::patch('pieces/{piece}', [PieceController::class, 'update'])->name('pieces.update')->can('update', 'piece');
    Route::delete('pieces/{piece}', [PieceController::class, 'destroy'])->name('pieces.destroy')->can('delete', 'piece');

    Route::put('pieces/{piece}/tasks/{task}', [TaskController::class, 'piece'])->name('tasks.piece')->can('update', 'piece');
    Route::put('boxes/{box}/tasks/{task}', [TaskController::class, 'box'])->name('tasks.box')->can('update', 'box');
    Route::post('boxes/{box}/answers', [AnswerController::class, 'store'])->name('answers.store')->can('update', 'box');
    Route::delete('boxes/{box}/answers', [AnswerController::class, 'destroy'])->name('answers.destroy')->can('update', 'box');
    Route::get('boxes/{box}/prepare', [PrepareController::class, 'box'])->name('boxes.prepare')->can('view', 'box');
    Route::get('pack/evening', [PrepareController::class, 'evening'])->name('evening')->can('viewAny', Box::class);
    Route::put('pack/evening/{task}', [TaskController::class, 'several'])->name('evening.all')->can('create', Box::class);
    Route::put('schools', SchoolsController::class)->name('schools')->can('create', Box::class);

    Route::get('guides', [GuideController::class, 'index'])->name('guides')->can('viewAny', CrewGuide::class);
    Route::put('guides', [GuideController::class, 'choose'])->name('guides.choose')->can('create', CrewGuide::class);
    Route::post('guides/import', [GuideController::class, 'import'])->name('guides.import')->can('create', CrewGuide::class);
    Route::get('guides/{id}', [GuideController::class, 'show'])->name('guides.show')->can('viewAny', CrewGuide::class);
    Route::get('guides/{id}/guide.json', [GuideController::class, 'export'])->name('guides.export')->can('viewAny', CrewGuide::class);
    Route::post('guides/{id}/copy', [GuideController::class, 'copy'])->name('guides.copy')->can('create', CrewGuide::class);
    Route::get('guides/{guide}/edit', [GuideEditorController::class, 'edit'])->name('guides.edit')->can('update', 'guide');
    Route::put('guides/{guide}', [GuideEditorController::class, 'update'])->name('guides.update')->can('update', 'guide');
    Route::put('guides/{guide}/trial', [GuideEditorController::class, 'trial'])->name('guides.trial')->middleware(Unasked::class)->can('update', 'guide');
    Route::delete('guides/{guide}', [GuideEditorController::class, 'destroy'])->name('guides.destroy')->can('delete', 'guide');
    Route::get('boxes/{box}/closing', [ClosingController::class, 'show'])->name('boxes.closing')->can('view', 'box');
    Route::put('boxes/{box}/closing/{tick}', [ClosingController::class, 'tick'])->name('boxes.tick')->can('update', 'box');
    Route::get('boxes/{box}/fit', FitController::class)->name('boxes.fit')->can('view', 'box');
    Route::get('boxes/{box}/fit.svg', FitDrawingController::class)->name('boxes.fit-drawing')->can('view', 'box');
    Route::post('boxes/{box}/fit/improve', FitImproveController::class)->name('boxes.fit-improve')->middleware(Unasked::class)->can('view', 'box');
    Route::post('boxes/{box}/fit/sure', FitSureController::class)->name('boxes.fit-sure')->middleware(Unasked::class)->can('view', 'box');
    Route::get('boxes/{box}/fit/answers', [FitAnswersController::class, 'show'])->name('boxes.fit-answers')->middleware(Unasked::class)->can('view', 'box');
    Route::post('boxes/{box}/fit/leave-out', [FitAnswersController::class, 'leaveOut'])->name('boxes.leave-out')->can('update', 'box');
    Route::put('boxes/{box}/fit/kind', [FitAnswersController::class, 'kind'])->name('boxes.fit-kind')->can('update', 'box');
    Route::put('boxes/{box}/fit/school', [FitAnswersController::class, 'school'])->name('boxes.fit-school')->can('update', 'box');
    Route::post('pieces/{piece}/swap', [FitAnswersController::class, 'swap'])->name('pieces.swap')->can('update', 'piece');
    Route::get('boxes/{box}/compare', [CompareController::class, 'show'])->name('boxes.compare')->can('view', 'box');
    Route::put('boxes/{box}/guide', [CompareController::class, 'adopt'])->name('boxes.adopt')->can('update', 'box');

    Route::get('pack', PackController::class)->name('pack')->can('viewAny', Box::class);
    Route::get('send', SendController::class)->name('send')->can('viewAny', Box::class);
});

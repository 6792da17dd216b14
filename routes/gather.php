<?php

declare(strict_types=1);

use App\Http\Controllers\Gather\ExportController;
use App\Http\Controllers\Gather\ImportController;
use App\Http\Controllers\Gather\KindController;
use App\Http\Controllers\Gather\KitController;
use App\Http\Controllers\Gather\LabelController;
use App\Http\Controllers\Gather\LotController;
use App\Http\Controllers\Gather\LotLifeController;
use App\Http\Controllers\Gather\LotPhotoController;
use App\Http\Controllers\Gather\MakeController;
use App\Http\Controllers\Gather\MoneyController;
use App\Http\Controllers\Gather\PocketController;
use App\Http\Controllers\Gather\PriceDeskController;
use App\Http\Controllers\Gather\PriceLaterController;
use App\Http\Controllers\Gather\QuickEntryController;
use App\Http\Controllers\Gather\SeveralLotsController;
use App\Http\Controllers\Gather\ShoppingController;
use App\Http\Controllers\Gather\StashController;
use App\Http\Controllers\Gather\WaitingBoxesController;
use App\Http\Controllers\Gather\WriteDownController;
use App\Http\Middleware\Unasked;
use App\Models\Box;
use App\Models\Invite;
use App\Models\Lot;
use App\Models\OwnKind;
use App\Models\OwnLabel;
use App\Models\Recipe;
use App\Models\TargetPrice;
use Illuminate\Support\Facades\Route;

Route::get('gather', StashController::class)->name('gather')->can('viewAny', Lot::class);
Route::get('gather/price-desk', [PriceDeskController::class, 'show'])->name('price-desk')->can('viewAny', Lot::class);
Route::get('gather/pocket', [PocketController::class, 'show'])->name('pocket')->can('viewAny', Lot::class);
Route::get('gather/pocket/token', [PocketController::class, 'token'])->name('pocket.token')->can('viewAny', Lot::class);
Route::post('gather/pocket', [PocketController::class, 'later'])->name('pocket.later')->can('create', Lot::class);
Route::post('gather/target', [PriceDeskController::class, 'target'])->name('target')->can('create', TargetPrice::class);
Route::get('gather/money', [MoneyController::class, 'season'])->name('money')->can('viewAny', Lot::class);
Route::put('gather/money', [MoneyController::class, 'budget'])->name('money.budget')->can('create', Invite::class);
Route::get('gather/write', [WriteDownController::class, 'show'])->name('write')->can('create', Lot::class);
Route::post('gather/write', [WriteDownController::class, 'store'])->name('write.store')->can('create', Lot::class);
Route::post('gather/write/look', [WriteDownController::class, 'show'])->name('write.look')
    ->middleware(Unasked::class)
    ->can('create', Lot::class);
Route::get('gather/quick', [QuickEntryController::class, 'show'])->name('quick')->can('create', Lot::class);
Route::post('gather/quick', [QuickEntryController::class, 'store'])->name('quick.store')->can('create', Lot::class);
Route::post('gather/quick/look', [QuickEntryController::class, 'show'])->name('quick.look')
    ->middleware(Unasked::class)
    ->can('create', Lot::class);
Route::get('gather/import', [ImportController::class, 'create'])->name('import')->can('create', Lot::class);
Route::post('gather/import', [ImportController::class, 'store'])->name('import.store')->can('create', Lot::class);
Route::get('gather/import/{import}', [ImportController::class, 'show'])->name('import.show')->can('create', Lot::class);
Route::post('gather/import/{import}', [ImportController::class, 'keep'])
    ->name('import.keep')
    ->can('create', Lot::class);
Route::post('gather/import/{import}/undo', [ImportController::class, 'undo'])
    ->name('import.undo')
    ->can('create', Lot::class);
Route::delete('gather/import/{import}', [ImportController::class, 'destroy'])
    ->name('import.destroy')
    ->can('create', Lot::class);
Route::get('gather/lots.csv', [ExportController::class, 'lots'])->name('export.lots')->can('viewAny', Lot::class);
Route::get('gather/shopping.csv', [ExportController::class, 'shopping'])
    ->name('export.shopping')
    ->can('viewAny', Lot::class);
Route::get('gather/shopping', [ShoppingController::class, 'show'])->name('shopping')->can('viewAny', Lot::class);
Route::post('gather/shopping', [ShoppingController::class, 'got'])->name('shopping.got')->can('create', Lot::class);
Route::put('gather/shopping/prices', [ShoppingController::class, 'prices'])
    ->name('shopping.prices')
    ->can('create', Lot::class);
Route::post('gather/shopping/tick', [ShoppingController::class, 'tick'])
    ->name('shopping.tick')
    ->can('create', Lot::class);
Route::post('gather/waiting', WaitingBoxesController::class)->name('waiting')->can('create', Box::class);
Route::get('gather/kits', [KitController::class, 'index'])->name('kits')->can('viewAny', Lot::class);
Route::get('gather/kits/new', [KitController::class, 'create'])->name('kits.create')->can('create', Lot::class);
Route::post('gather/kits/look', [KitController::class, 'create'])->name('kits.look')
    ->middleware(Unasked::class)
    ->can('create', Lot::class);
Route::post('gather/kits', [KitController::class, 'store'])->name('kits.store')->can('create', Lot::class);
Route::post('gather/kits/{lot}/apart', [KitController::class, 'takeApart'])
    ->name('kits.apart')
    ->can('update', 'lot');
Route::get('gather/kinds', [KindController::class, 'index'])->name('kinds')->can('viewAny', OwnKind::class);
Route::get('gather/kinds/new', [KindController::class, 'create'])->name('kinds.create')->can('create', OwnKind::class);
Route::post('gather/kinds', [KindController::class, 'store'])->name('kinds.store')->can('create', OwnKind::class);
Route::get('gather/kinds.json', [KindController::class, 'export'])
    ->name('kinds.export')
    ->can('viewAny', OwnKind::class);
Route::post('gather/kinds/import', [KindController::class, 'import'])
    ->name('kinds.import')
    ->can('create', OwnKind::class);
Route::get('gather/kinds/{kind}', [KindController::class, 'edit'])->name('kinds.edit')->can('update', 'kind');
Route::put('gather/kinds/{kind}', [KindController::class, 'update'])->name('kinds.update')->can('update', 'kind');
Route::post('gather/kinds/{kind}/join', [KindController::class, 'join'])->name('kinds.join')->can('update', 'kind');
Route::delete('gather/kinds/{kind}', [KindController::class, 'destroy'])
    ->name('kinds.destroy')
    ->can('delete', 'kind');
Route::get('gather/makes', [MakeController::class, 'index'])->name('makes')->can('viewAny', Recipe::class);
Route::get('gather/makes/new', [MakeController::class, 'create'])->name('makes.create')->can('create', Recipe::class);
Route::post('gather/makes', [MakeController::class, 'store'])->name('makes.store')->can('create', Recipe::class);
Route::get('gather/makes/{recipe}', [MakeController::class, 'edit'])->name('makes.edit')->can('update', 'recipe');
Route::put('gather/makes/{recipe}', [MakeController::class, 'update'])->name('makes.update')->can('update', 'recipe');
Route::delete('gather/makes/{recipe}', [MakeController::class, 'destroy'])
    ->name('makes.destroy')
    ->can('delete', 'recipe');
Route::post('gather/makes/{recipe}/make', [MakeController::class, 'make'])->name('makes.make')->can('update', 'recipe');
Route::post('makings/{making}/undo', [MakeController::class, 'undo'])->name('makes.undo')->can('update', 'making');
Route::get('gather/labels', [LabelController::class, 'index'])->name('labels')->can('viewAny', OwnLabel::class);
Route::post('gather/labels', [LabelController::class, 'store'])
    ->name('labels.store')
    ->can('create', OwnLabel::class);
Route::delete('gather/labels/{label}', [LabelController::class, 'destroy'])
    ->name('labels.destroy')
    ->can('delete', 'label');
Route::post('lots/several', SeveralLotsController::class)->name('lots.several')->can('create', Lot::class);
Route::get('lots/new', [LotController::class, 'create'])->name('lots.create')->can('create', Lot::class);
Route::post('lots', [LotController::class, 'store'])->name('lots.store')->can('create', Lot::class);
Route::get('lots/{lot}', [LotController::class, 'edit'])->name('lots.edit')->can('view', 'lot');
Route::put('lots/{lot}', [LotController::class, 'update'])->name('lots.update')->can('update', 'lot');
Route::delete('lots/{lot}', [LotController::class, 'destroy'])->name('lots.destroy')->can('delete', 'lot');
Route::get('lots/{lot}/photo', [LotPhotoController::class, 'show'])->name('lots.photo')->can('view', 'lot');
Route::post('lots/{lot}/photo', [LotPhotoController::class, 'store'])
    ->name('lots.photo.store')
    ->can('update', 'lot');
Route::delete('lots/{lot}/photo', [LotPhotoController::class, 'destroy'])
    ->name('lots.photo.destroy')
    ->can('update', 'lot');
Route::put('lots/{lot}/price', PriceLaterController::class)->name('lots.price')->can('update', 'lot');
Route::post('lots/{lot}/arrive', [LotLifeController::class, 'arrive'])->name('lots.arrive')->can('update', 'lot');
Route::post('lots/{lot}/lose', [LotLifeController::class, 'lose'])->name('lots.lose')->can('update', 'lot');
Route::post('lots/{lot}/wrong', [LotLifeController::class, 'fault'])->name('lots.fault')->can('update', 'lot');
Route::post('lots/{lot}/split', [LotLifeController::class, 'split'])->name('lots.split')->can('update', 'lot');
Route::get('lots/{lot}/merge', [LotLifeController::class, 'together'])->name('lots.together')->can('update', 'lot');
Route::post('lots/{lot}/merge', [LotLifeController::class, 'merge'])->name('lots.merge')->can('update', 'lot');
Route::post('changes/{change}/undo', [LotLifeController::class, 'undo'])->name('changes.undo')->can('update', 'change');

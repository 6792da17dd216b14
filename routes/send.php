<?php

declare(strict_types=1);

use App\Http\Controllers\Send\CardController;
use App\Http\Controllers\Send\DatesController;
use App\Http\Controllers\Send\GiftController;
use App\Http\Controllers\Send\LidController;
use App\Http\Controllers\Send\LogController;
use App\Http\Controllers\Send\NoteController;
use App\Http\Controllers\Send\NotePhotoController;
use App\Http\Controllers\Send\ReviewController;
use App\Http\Controllers\Send\SeasonController;
use App\Http\Controllers\Send\SendController;
use App\Http\Controllers\Send\TopupController;
use App\Http\Controllers\Send\TrackController;
use App\Http\Controllers\Send\TripController;
use App\Models\Box;
use App\Models\Evening;
use App\Models\GiftPayment;
use App\Models\TopupBag;
use App\Models\Trip;
use Illuminate\Support\Facades\Route;

Route::get('send', [SendController::class, 'index'])->name('send')->can('viewAny', Box::class);
Route::get('send/box', [SendController::class, 'find'])->name('send.find')->can('viewAny', Box::class);
Route::get('send/labels', [CardController::class, 'index'])->name('cards')->can('viewAny', Box::class);
Route::get('send/labels.pdf', [CardController::class, 'file'])->name('cards.file')->can('viewAny', Box::class);
Route::put('send/labels', [CardController::class, 'stuck'])->name('cards.stuck')->can('create', Box::class);
Route::post('send/gifts', [GiftController::class, 'store'])->name('gifts.store')->can('create', GiftPayment::class);
Route::delete('send/gifts/{payment}', [GiftController::class, 'destroy'])
    ->name('gifts.destroy')
    ->can('delete', 'payment');
Route::get('send/dates', [DatesController::class, 'index'])->name('dates')->can('viewAny', Box::class);
Route::get('send/dates.ics', [DatesController::class, 'file'])->name('dates.file')->can('viewAny', Box::class);
Route::post('send/dates/address', [DatesController::class, 'open'])->name('dates.open')->can('create', Box::class);
Route::delete('send/dates/address', [DatesController::class, 'close'])->name('dates.close')->can('create', Box::class);
Route::get('send/log', [LogController::class, 'index'])->name('log')->can('viewAny', Box::class);
Route::get('send/log/{line}', [LogController::class, 'show'])->name('log.box')->can('view', 'line');
Route::put('send/log/{line}', [LogController::class, 'update'])->name('log.keep')->can('update', 'line');
Route::get('boxes/{box}/note', [NoteController::class, 'edit'])->name('boxes.note')->can('view', 'box');
Route::put('boxes/{box}/note', [NoteController::class, 'update'])->name('boxes.note.keep')->can('update', 'box');
Route::get('send/review', [ReviewController::class, 'show'])->name('review')->can('viewAny', Box::class);
Route::get('send/review.pdf', [ReviewController::class, 'file'])->name('review.file')->can('viewAny', Box::class);
Route::get('send/trips/new', [TripController::class, 'create'])->name('trips.create')->can('create', Trip::class);
Route::post('send/trips', [TripController::class, 'store'])->name('trips.store')->can('create', Trip::class);
Route::get('send/trips/{trip}', [TripController::class, 'show'])->name('trips.show')->can('view', 'trip');
Route::put('send/trips/{trip}', [TripController::class, 'update'])->name('trips.update')->can('update', 'trip');
Route::delete('send/trips/{trip}', [TripController::class, 'destroy'])->name('trips.destroy')->can('delete', 'trip');
Route::post('send/trips/{trip}/hand-in', [TripController::class, 'handIn'])
    ->name('trips.hand-in')
    ->can('update', 'trip');
Route::put('send/trips/{trip}/dockets', [TripController::class, 'dockets'])
    ->name('trips.dockets')
    ->can('update', 'trip');
Route::post('send/tracking', TrackController::class)
    ->middleware('throttle:tracking')
    ->name('track')
    ->can('create', Trip::class);
Route::get('season', [SeasonController::class, 'index'])->name('season')->can('viewAny', Box::class);
Route::put('season/goals', [SeasonController::class, 'goals'])->name('season.goals')->can('create', Box::class);
Route::post('season/evenings', [SeasonController::class, 'evening'])->name('evenings.store')
    ->can('create', Evening::class);
Route::delete('season/evenings/{evening}', [SeasonController::class, 'noEvening'])
    ->name('evenings.destroy')
    ->can('delete', 'evening');
Route::get('season/next', [SeasonController::class, 'next'])->name('season.next')->can('create', Box::class);
Route::post('season/next', [SeasonController::class, 'start'])->name('season.start')->can('create', Box::class);
Route::get('send/top-up', [TopupController::class, 'index'])->name('topup')->can('viewAny', TopupBag::class);
Route::get('send/top-up/labels.pdf', [TopupController::class, 'labels'])->name('topup.labels')
    ->can('viewAny', TopupBag::class);
Route::get('send/top-up/new/{category}', [TopupController::class, 'create'])->name('topup.create')
    ->can('create', TopupBag::class);
Route::post('send/top-up', [TopupController::class, 'store'])->name('topup.store')->can('create', TopupBag::class);
Route::put('send/top-up/{bag}/handed-in', [TopupController::class, 'handIn'])->name('topup.hand-in')
    ->can('update', 'bag');
Route::delete('send/top-up/{bag}/handed-in', [TopupController::class, 'takeBack'])
    ->name('topup.take-back')
    ->can('update', 'bag');
Route::delete('send/top-up/{bag}', [TopupController::class, 'destroy'])->name('topup.destroy')->can('delete', 'bag');
Route::get('boxes/{box}/lid', [LidController::class, 'show'])->name('boxes.lid')->can('view', 'box');
Route::post('boxes/{box}/lid', [LidController::class, 'choose'])->name('boxes.lid.show')->can('view', 'box');
Route::post('boxes/{box}/lid.pdf', [LidController::class, 'file'])->name('boxes.lid.file')->can('view', 'box');
Route::get('boxes/{box}/note/photo', [NotePhotoController::class, 'show'])->name('boxes.note.photo')
    ->can('view', 'box');
Route::post('boxes/{box}/note/photo', [NotePhotoController::class, 'store'])
    ->name('boxes.note.photo.keep')
    ->can('update', 'box');
Route::delete('boxes/{box}/note/photo', [NotePhotoController::class, 'destroy'])
    ->name('boxes.note.photo.drop')
    ->can('update', 'box');

<?php

declare(strict_types=1);

use App\Http\Controllers\Crew\ForgotController;
use App\Http\Controllers\Crew\HealthController;
use App\Http\Controllers\Crew\HelperController;
use App\Http\Controllers\Crew\JoinController;
use App\Http\Controllers\Crew\OpenDemoController;
use App\Http\Controllers\Crew\RegisterController;
use App\Http\Controllers\Crew\SchemeController;
use App\Http\Controllers\Crew\SignInController;
use App\Http\Controllers\Crew\WelcomeController;
use App\Http\Controllers\Send\DatesController;
use Illuminate\Support\Facades\Route;

Route::post('scheme', SchemeController::class)->name('scheme');
Route::post('demo', OpenDemoController::class)->middleware('throttle:demo')->name('demo');

// Whoever watches over the server has no session either.
Route::get('health', HealthController::class)
    ->withoutMiddleware('web')
    ->middleware('throttle:calendar')
    ->name('health');

// A calendar program has no session: the address itself is what it knows.
Route::get('calendar/{key}.ics', [DatesController::class, 'feed'])
    ->withoutMiddleware('web')
    ->middleware('throttle:calendar')
    ->name('calendar');

// Whoever has such a link needs no account; what it opens is what it names.
Route::get('join/{token}', [JoinController::class, 'show'])->middleware('throttle:links')->name('join');
Route::post('join/{token}', [JoinController::class, 'store'])->middleware('throttle:links');
Route::get('helping/{token}', [HelperController::class, 'show'])->middleware('throttle:links')->name('helper');
Route::post('helping/{token}', [HelperController::class, 'tick'])->middleware('throttle:links')->name('helper.tick');
Route::post('helping/{token}/tasks', [HelperController::class, 'task'])->middleware('throttle:links')
    ->name('helper.task');

// Within the web group, so that a page that is not there still knows who is signed in.
Route::fallback(fn () => abort(404));

Route::middleware('guest')->group(function (): void {
    Route::get('/', WelcomeController::class)->name('welcome');
    Route::get('register', [RegisterController::class, 'create'])->name('register');
    Route::post('register', [RegisterController::class, 'store'])->middleware('throttle:register');
    Route::get('forgot', [ForgotController::class, 'show'])->name('forgot');
    Route::post('forgot', [ForgotController::class, 'ask'])->middleware('throttle:forgot');
    Route::get('new-password/{token}', [ForgotController::class, 'edit'])->name('new-password');
    Route::post('new-password/{token}', [ForgotController::class, 'update'])
        ->middleware('throttle:forgot')
        ->name('new-password.choose');
    Route::get('mailbox', [ForgotController::class, 'mailbox'])->name('mailbox');
    Route::get('sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');
});

// One file a station; whoever comes to any of them is signed in.
Route::middleware(['auth', 'auth.session'])->group(static function (): void {
    require __DIR__.'/gather.php';
    require __DIR__.'/plan.php';
    require __DIR__.'/pack.php';
    require __DIR__.'/send.php';
    require __DIR__.'/guides.php';
    require __DIR__.'/crew.php';
});

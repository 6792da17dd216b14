<?php

declare(strict_types=1);

use App\Http\Controllers\Crew\AccountController;
use App\Http\Controllers\Crew\ArchiveController;
use App\Http\Controllers\Crew\HabitsController;
use App\Http\Controllers\Crew\HelpController;
use App\Http\Controllers\Crew\LatelyController;
use App\Http\Controllers\Crew\PeopleController;
use App\Http\Controllers\Crew\SettingsController;
use App\Http\Controllers\Crew\SignedInController;
use App\Http\Controllers\Crew\SignInController;
use App\Models\Box;
use App\Models\HelperLink;
use App\Models\Invite;
use App\Models\Lot;
use App\Models\SignIn;
use Illuminate\Support\Facades\Route;

Route::post('sign-out', [SignInController::class, 'destroy'])->name('sign-out');
Route::get('people', [PeopleController::class, 'show'])->name('people')->can('viewAny', Invite::class);
Route::post('people/invites', [PeopleController::class, 'invite'])->name('people.invite')->can('create', Invite::class);
Route::delete('people/invites/{invite}', [PeopleController::class, 'takeBack'])
    ->name('people.take-back')
    ->can('delete', 'invite');
Route::post('people/helpers', [PeopleController::class, 'helper'])
    ->name('people.helper')
    ->can('create', HelperLink::class);
Route::delete('people/helpers/{link}', [PeopleController::class, 'revoke'])
    ->name('people.revoke')
    ->can('delete', 'link');
Route::put('people/{person}', [PeopleController::class, 'role'])->name('people.role')->can('update', 'person');
Route::delete('people/{person}', [PeopleController::class, 'remove'])->name('people.remove')->can('delete', 'person');
Route::delete('people', [PeopleController::class, 'dissolve'])->name('people.dissolve')->can('create', Invite::class);
Route::get('people/archive', [ArchiveController::class, 'download'])
    ->name('archive')
    ->can('create', Invite::class);
Route::post('people/archive', [ArchiveController::class, 'upload'])
    ->name('archive.read')
    ->can('create', Invite::class);
Route::get('account', [AccountController::class, 'show'])->name('account')->can('viewAny', Invite::class);
Route::put('account', [AccountController::class, 'update'])->can('viewAny', Invite::class);
Route::delete('account', [AccountController::class, 'leave'])->name('account.leave')->can('viewAny', Invite::class);
Route::delete('account/sign-ins/{signIn}', [SignedInController::class, 'end'])
    ->name('sign-ins.end')
    ->can('delete', 'signIn');
Route::delete('account/sign-ins', [SignedInController::class, 'endOthers'])
    ->name('sign-ins.end-others')
    ->can('viewAny', SignIn::class);
Route::get('help', HelpController::class)->name('help')->can('viewAny', Box::class);
Route::get('lately', [LatelyController::class, 'show'])->name('lately')->can('viewAny', Box::class);
Route::post('deeds/{deed}/undo', [LatelyController::class, 'undo'])->name('deeds.undo')->can('create', Box::class);
Route::get('settings', [SettingsController::class, 'show'])->name('settings')->can('create', Lot::class);
Route::put('settings/{setting}', [SettingsController::class, 'update'])
    ->name('settings.update')
    ->can('create', Lot::class);
Route::put('habits', HabitsController::class)->name('habits')->can('create', Box::class);

<?php

declare(strict_types=1);

use App\Http\Controllers\Send\SendController;
use App\Models\Box;
use Illuminate\Support\Facades\Route;

Route::get('send', SendController::class)->name('send')->can('viewAny', Box::class);
